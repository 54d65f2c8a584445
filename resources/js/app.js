import htmx from 'htmx.org';
import { followAway } from './away.js';
import { followClocks } from './clocks.js';
import { followKeys } from './keys.js';
import { followLive } from './live.js';
import { followPlan } from './plan.js';
import { followFaces } from './faces.js';
import { followFar } from './far.js';
import { settle } from './settle.js';

window.htmx = htmx;

followFaces();
followAway();
followKeys();
followLive();

const fresh = () => {
    followPlan();
    followClocks();
    settle();
    followFar();
};
document.addEventListener('htmx:afterSettle', fresh);
document.addEventListener('htmx:oobAfterSwap', fresh);
fresh();
