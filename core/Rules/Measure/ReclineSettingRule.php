<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\CaseFile\ReclineRow;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** Is the recline setting allowed for this mode and weight? */
final readonly class ReclineSettingRule implements Rule
{
    public function codes(): array
    {
        return [Code::MeasureReclineSetting];
    }

    public function judge(Situation $s): iterable
    {
        $rows = $s->modeRules->recline ?? [];
        if ($rows === []) {
            return;
        }
        $setting = $s->setup()->reclineSetting;
        if ($setting === null) {
            yield new Question('setup.recline_setting', Station::Measure);
        }
        [$allowed, $missing] = self::allowed($s, $rows);
        foreach ($missing as $path) {
            yield new Question($path, Station::Measure);
        }
        if ($setting === null || $missing !== []) {
            return;
        }
        if (! in_array($setting, $allowed, true)) {
            yield new Finding(
                Code::MeasureReclineSetting,
                Severity::Fix,
                $allowed === [] ? 'The maker gives no recline setting for a child of this weight in this mode.' : "Recline setting {$setting} is not for this mode and weight.",
                $allowed === [] ? 'Ask the seat\'s manual or maker before it rides.' : 'Use setting ' . implode(' or ', $allowed) . '.',
                observed: (string) $setting,
                limit: implode(', ', $allowed),
                from: 'seat',
                sources: [Source::manual('seat')],
            );
        }
    }

    /**
     * @param list<ReclineRow> $rows
     * @return array{list<int>, list<string>} the settings of every row that covers the weight; the facts that would tell
     */
    private static function allowed(Situation $s, array $rows): array
    {
        $weight = $s->child->weight;
        $allowed = [];
        $missing = [];
        foreach ($rows as $row) {
            $min = $row->weightMin?->asMinimum($s->madeOn(), $s->setup()->heldBy);
            $max = $row->weightMax?->asMaximum($s->madeOn(), $s->setup()->heldBy);
            if ($weight === null && ($min !== null || $max !== null)) {
                $missing[] = 'child.weight';
            } elseif ($weight === null || ($min?->allowsAtLeast($weight) !== false && $max?->allowsAtMost($weight) !== false)) {
                array_push($allowed, ...$row->settings);
                array_push($missing, ...$min->missing ?? [], ...$max->missing ?? []);
            }
        }
        $allowed = array_values(array_unique($allowed));
        sort($allowed);

        return [$allowed, array_values(array_unique($missing))];
    }
}
