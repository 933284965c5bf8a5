import { serve } from './serve';
import { performerOf } from './tasks/define';
import { kitTasks } from './tasks/kit';

serve(performerOf(kitTasks));
