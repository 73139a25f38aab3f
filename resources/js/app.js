import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import beatsEditor from './beats-editor';
import confirmation from './confirmation';
import shortcuts from './shortcuts';
import unanswered from './unanswered';
import wall from './wall';

window.htmx = htmx;

Alpine.data('beatsEditor', beatsEditor);
Alpine.data('wall', wall);
confirmation();
shortcuts();
unanswered();
Alpine.start();
