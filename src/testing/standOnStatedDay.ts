import { STATED_DAY, standAt } from './statedDay';

standAt(Date.parse(STATED_DAY));
