<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Models\Check;
use MintBuckle\Core\Record\InspectionPhase;
use PHPUnit\Framework\Attributes\DataProvider;

/** What no rule asks for, but a technician sees, can be noted where it is seen; what the family must know of it stands on its sheet. */
final class EnterableTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, string, array<string, string>, callable(Check): mixed, mixed}> path, station, answer, what is known then, as */
    public static function noted(): iterable
    {
        $case = static fn(Check $check) => AssembleCase::read($check, InspectionPhase::Left);
        yield 'the vehicle’s anchor figure' => ['vehicle.lower_anchor_child_max', 'secure', ['amount' => '48', 'unit' => 'lb'], static fn(Check $c) => $case($c)->vehicle?->lowerAnchorChildMax?->entries[0]->value->show(), '48 lb'];
        yield 'where the tether anchor is' => ['vehicle.positions.1.tether_anchor_at', 'place', ['answer' => 'seat_back'], static fn(Check $c) => ($case($c)->vehicle->positions[1] ?? null)?->tetherAnchorAt?->value, 'seat_back'];
        yield 'a head restraint that is off' => ['setup.head_restraint', 'place', ['answer' => 'removed'], static fn(Check $c) => $case($c)->setup?->headRestraint?->value, 'removed'];
        yield 'a shell without its base' => ['setup.base', 'secure', ['answer' => 'none'], static fn(Check $c) => $case($c)->setup?->base?->value, 'none'];
        yield 'which way it tips' => ['setup.tips', 'measure', ['answer' => 'sideways'], static fn(Check $c) => $case($c)->setup?->tips?->value, 'sideways'];
    }

    /** @param array<string, string> $answer */
    #[DataProvider('noted')]
    public function testNotedWhereItIsSeen(string $path, string $station, array $answer, callable $known, mixed $as): void
    {
        $check = self::check(3);
        $page = $this->signedIn()->get("/checks/{$check->id}/left/{$station}?note={$path}")->assertOk();
        $page->assertSee("data-path=\"{$path}\"", false);
        $offered = (string) $this->get("/checks/{$check->id}/left/{$station}")->getContent();
        self::assertTrue(str_contains($offered, 'data-note="' . preg_replace('/\.\d+\./', '.*.', $path) . '"') || str_contains($offered, "data-path=\"{$path}\""));
        $this->answer($check, $path, $answer, station: $station)->assertOk();
        self::assertSame($as, $known(Check::query()->with('visit.event.recallList')->findOrFail($check->id)));
    }

    public function testTheSheetSaysPutTheHeadRestraintBack(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.head_restraint', ['answer' => 'removed'], station: 'place')->assertOk();
        $this->get("/visits/{$check->visit_id}/sheet")->assertOk()->assertSee('head restraint');
    }
}
