// All that the Mat does in a class.
import attendance from './attendance';
import chosenStation from './chosen-station';
import classScreen from './class-screen';
import lesson from './lesson';
import lessonClock from './lesson-clock';
import { mixed } from './mixed';
import stations from './stations';

export default mixed(lesson, lessonClock, classScreen, attendance, stations, chosenStation);
