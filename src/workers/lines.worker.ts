import { serve } from './serve';
import { performLine } from './tasks/lines';

serve(performLine);
