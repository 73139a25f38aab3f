import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import drill from './drill/engine';
import attackLine from './editor/attack-line';
import workbench from './editor/floor';
import leaving from './offline/leaving';
import confirmation from './page/confirmation';
import fresh from './page/fresh';
import qr from './page/qr';
import shortcuts from './page/shortcuts';
import unanswered from './page/unanswered';
import zone from './page/zone';
import wall from './wall/wall';

window.htmx = htmx;

Alpine.data('attackLine', attackLine);
Alpine.data('mat', drill);
Alpine.data('wall', wall);
Alpine.data('workbench', workbench);
confirmation();
fresh();
leaving();
qr();
shortcuts();
unanswered();
zone();
Alpine.start();
