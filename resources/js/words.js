/** What scripts say, in the page's language: lang/<language>/scripts.php. */
const known = JSON.parse(document.querySelector('meta[name="words"]')?.content ?? '{}');

/**
 * @param {string} name
 * @param {Record<string, string|number>} given what stands in braces
 */
export function word(name, given = {}) {
    return (known[name] ?? name).replace(/\{(\w+)\}/g, (all, key) => given[key] ?? all);
}
