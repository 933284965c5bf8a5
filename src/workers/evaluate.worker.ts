import { serve } from './serve';
import { perform } from './tasks';

serve(perform);
