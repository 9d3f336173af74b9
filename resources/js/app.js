import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import htmx from 'htmx.org';
import 'idiomorph/htmx';
import { addChild } from './add-child.js';
import { angleGauge } from './angle-gauge.js';
import { busPlan } from './bus-plan.js';
import { carPlan } from './car-plan.js';
import { enlarge } from './enlarge.js';
import { keepTyping } from './keep-typing.js';
import { keyboard } from './keyboard.js';
import { labelScan } from './label-scan.js';
import { lateAnswer } from './late-answer.js';
import { nextFocus } from './next-focus.js';
import { photos } from './photos.js';
import { press } from './press.js';
import { printing } from './printing.js';
import { addRows } from './rows.js';
import { findingsHandle } from './findings-handle.js';
import { signature } from './signature.js';
import { stepper } from './stepper.js';
import { stationNav } from './station-nav.js';
import { trouble } from './trouble.js';

htmx.config.allowEval = false;
htmx.config.includeIndicatorStyles = false;
// Going back loads the page anew: what was there may have changed, and nothing personal stays in the browser.
htmx.config.historyCacheSize = 0;
htmx.config.refreshOnHistoryMiss = true;
// A refused answer comes back with 422 and says what to do: show it in place.
htmx.config.responseHandling = [
    { code: '204', swap: false },
    { code: '[23]..', swap: true },
    { code: '422', swap: true },
    { code: '[45]..', swap: false, error: true },
];
document.body.setAttribute('hx-ext', 'morph');
window.htmx = htmx;

addChild();
addRows();
angleGauge();
busPlan();
carPlan();
enlarge();
keepTyping();
keyboard();
labelScan();
lateAnswer();
nextFocus();
photos();
press();
printing();
findingsHandle();
signature();
stepper();
stationNav();
trouble();

// Large, and of one page only.
if (document.querySelector('[data-charts]') !== null) {
    import('./charts.js').then(({ drawCharts }) => drawCharts());
}
