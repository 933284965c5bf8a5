import { createColumnWork } from './column-tasks';
import { serve } from './serve';

serve(createColumnWork());
