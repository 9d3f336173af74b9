<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Bus\BusPart;
use MintBuckle\Core\Finding\Station;
use PHPUnit\Framework\TestCase;

/** Four steps of setting up, four looks at the child: every fact of the station has its part, and every part its facts. */
final class BusPartTest extends TestCase
{
    public function testEveryFactHasItsPart(): void
    {
        $paths = array_map(static fn(Askable $askable): string => $askable->path, Questionnaire::standard()->at(Station::Bus));
        $parts = array_map(BusPart::of(...), $paths);
        self::assertGreaterThan(20, count($paths));
        foreach (BusPart::cases() as $part) {
            self::assertContains($part, $parts, $part->value);
        }
        foreach (array_combine($paths, $parts) as $path => $part) {
            if (str_starts_with($path, 'bus.wrap.') || in_array($path, ['bus.held_by', 'bus.bench.belt', 'bus.bench.buckle_end', 'bus.bench.lower_anchors', 'bus.tether_used'], true)) {
                self::assertSame(BusPart::Installation, $part, $path);
            }
            self::assertSame($part->isOfChild(), in_array($path, ['bus.slouch', 'bus.vest.size_nearest', 'bus.vest.over_coat', 'bus.vest.crotch', 'bus.vest.top_from', 'bus.vest.strap_near_neck', 'bus.vest.lowest_strap', 'bus.vest.fixed_hips', 'bus.vest.fixed_shoulders', 'bus.vest.rethreaded'], true), $path);
        }
    }
}
