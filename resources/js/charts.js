import { BarController, BarElement, CategoryScale, Chart, LinearScale, Legend, Tooltip } from 'chart.js';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);

const ROWS = 12;
const BAR = 34;
const LINE = 18;
const charts = new Map();

const colour = (name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** A long name on several lines, since a canvas breaks none by itself. */
const lines = (name) => name.split(' ').reduce((done, word) => {
    const last = done.at(-1);
    return last !== undefined && `${last} ${word}`.length <= LINE ? [...done.slice(0, -1), `${last} ${word}`] : [...done, word];
}, []);

/** What the table beside it says: no figure comes from anywhere else. A figure that is not told has no bar. */
const read = (table) => {
    const rows = [...table.tBodies[0].rows].slice(0, ROWS);
    const columns = [...table.tHead.rows[0].cells].map((head, index) => ({ head, index })).filter(({ head }) => 'charted' in head.dataset);

    return {
        labels: rows.map((row) => (row.cells[0].querySelector('a') ?? row.cells[0].firstChild).textContent.trim()).map(lines),
        series: columns.map(({ head, index }) => ({
            label: head.textContent.trim(),
            data: rows.map((row) => (row.cells[index].dataset.value === '' ? null : Number(row.cells[index].dataset.value))),
        })),
    };
};

const options = (several, most) => ({
    indexAxis: 'y',
    animation: false,
    maintainAspectRatio: false,
    plugins: { legend: { display: several, labels: { color: colour('--ink') } } },
    scales: {
        x: { beginAtZero: true, max: most, ticks: { precision: 0, color: colour('--ink') }, grid: { color: colour('--seam') } },
        y: { ticks: { color: colour('--ink'), autoSkip: false }, grid: { display: false } },
    },
});

const draw = (box) => {
    const { labels, series } = read(box.closest('.figures').querySelector('table'));
    charts.get(box)?.destroy();
    box.replaceChildren(document.createElement('canvas'));
    const tall = labels.reduce((sum, label) => sum + Math.max(BAR, label.length * 19), 0);
    box.style.height = `${70 + tall}px`;
    Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
    Chart.defaults.font.size = 15;
    const fills = series.length > 1 ? ['--fix', '--press'] : ['--press'];
    box.dataset.drawn = JSON.stringify(series.map(({ data }) => data));
    const datasets = series.map((one, index) => ({ ...one, backgroundColor: colour(fills[index]) }));
    charts.set(box, new Chart(box.firstChild, { type: 'bar', data: { labels, datasets }, options: options(series.length > 1, Number(box.dataset.most) || undefined) }));
};

/** Bars beside the tables of figures, drawn anew where the tables are; a canvas does not wait for the fonts by itself. */
export async function drawCharts() {
    await document.fonts.ready;
    for (const [box, chart] of charts) {
        if (!box.isConnected) {
            chart.destroy();
            charts.delete(box);
        }
    }
    document.querySelectorAll('[data-chart]').forEach(draw);
}

document.addEventListener('htmx:afterSettle', drawCharts);
matchMedia('(prefers-color-scheme: dark)').addEventListener('change', drawCharts);
