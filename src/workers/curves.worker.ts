import { createCurveWork } from './curve-tasks';
import { serve } from './serve';

serve(createCurveWork());
