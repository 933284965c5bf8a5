import { serve } from './serve';
import { createCurveTasks } from './tasks/curves';
import { performerOf } from './tasks/define';

serve(performerOf(createCurveTasks()));
