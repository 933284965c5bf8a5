import { serve } from './serve';
import { createColumnTasks } from './tasks/columns';
import { performerOf } from './tasks/define';

serve(performerOf(createColumnTasks()));
