import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import attackLine from './attack-line';
import confirmation from './confirmation';
import fresh from './fresh';
import leaving from './leaving';
import mat from './mat';
import shortcuts from './shortcuts';
import unanswered from './unanswered';
import wall from './wall';
import workbench from './workbench';

window.htmx = htmx;

Alpine.data('attackLine', attackLine);
Alpine.data('mat', mat);
Alpine.data('wall', wall);
Alpine.data('workbench', workbench);
confirmation();
fresh();
leaving();
shortcuts();
unanswered();
Alpine.start();
