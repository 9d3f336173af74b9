<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\ReclineSettings;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Truth\Truth;

/** Is the recline setting allowed for this mode and weight? */
final readonly class ReclineSettingRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('measure.recline_setting'), [Severity::Fix], mendedBy: ['setup.recline_setting']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $rows = $s->modeRules->recline ?? [];
        if ($rows === []) {
            return;
        }
        $setting = $s->setup()->reclineSetting;
        $settings = ReclineSettings::of($s);
        if ($setting === null) {
            foreach (['setup.recline_setting', ...$settings->missing()] as $path) {
                yield new Question($path, Station::Measure);
            }

            return;
        }
        $allowed = $settings->allows($setting);
        if ($allowed === Truth::Unknown) {
            foreach ($settings->missing($setting) as $path) {
                yield new Question($path, Station::Measure);
            }
        }
        if ($allowed === Truth::No) {
            $right = $settings->allowed();
            yield new Finding(
                Code::of('measure.recline_setting'),
                Severity::Fix,
                variant: $right === [] && $settings->missing() === [] ? 'none' : null,
                mend: match (true) {
                    $right !== [] => 'use',
                    $settings->missing() === [] => 'ask',
                    default => 'weigh',
                },
                with: ['setting' => $setting, 'right' => Listing::any($right)],
                observed: (string) $setting,
                limit: implode(', ', $right),
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }
}
