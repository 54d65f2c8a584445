import htmx from 'htmx.org';
import { followAway } from './away.js';
import { followClocks } from './clocks.js';
import { followCodes, offerCameras } from './codes.js';
import { followKeys } from './keys.js';
import { followLive } from './live.js';
import { followPlan } from './plan.js';
import { followFaces } from './faces.js';
import { followFar } from './far.js';
import { followFilters } from './filter.js';
import { followGrids } from './grid.js';
import { followKeypads } from './keypad.js';
import { followMenu } from './menu.js';
import { holdStill } from './moves.js';
import { settle } from './settle.js';
import { followRadio } from './radio.js';
import { followRooms } from './rooms.js';
import { followPrint } from './print.js';
import { followTouch } from './touch.js';

window.htmx = htmx;

followFaces();
followAway();
followKeys();
followLive();
followFilters();
followKeypads();
followMenu();
followGrids();
followPrint();
followTouch();
followRooms();
followRadio();
followCodes();

const fresh = () => {
    followPlan();
    followClocks();
    settle();
    followFar();
    offerCameras();
    holdStill();
};
document.addEventListener('htmx:afterSettle', fresh);
document.addEventListener('kavvel:fresh', fresh);
fresh();
