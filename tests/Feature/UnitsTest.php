<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Units;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Record\InspectionPhase;
use PHPUnit\Framework\Attributes\DataProvider;

/** A finding speaks in the unit that was measured; who works in others is told it in those too. */
final class UnitsTest extends FeatureTestCase
{
    /** @return iterable<string, array{Quantity|string|null, Quantity|string|null, string|null, string|null}> observed, limit, in inches and pounds, in millimetres and kilograms */
    public static function findings(): iterable
    {
        $mm = static fn(string $value): Length => Length::of($value, LengthUnit::Millimetre);
        $in = static fn(string $value): Length => Length::of($value, LengthUnit::Inch);

        yield 'millimetres against a limit' => [$mm('38.1'), $mm('25.4'), 'That is 1.5 in; the limit is 1 in.', null];
        yield 'a hair over: not told as if it held' => [$mm('25.5'), $mm('25.4'), 'That is just over 1 in; the limit is 1 in.', null];
        yield 'a hair under' => [$mm('25.3'), $mm('25.4'), 'That is just under 1 in; the limit is 1 in.', null];
        yield 'at the limit, which no inch tells exactly' => [$mm('100'), $mm('100'), 'That is 3.9 in; the limit is 3.9 in.', null];
        yield 'the limit in the other unit' => [$mm('38.1'), $in('1'), 'That is 1.5 in; the limit is 1 in.', null];
        yield 'centimetres' => [Length::of('139', LengthUnit::Centimetre), $in('57'), 'That is 54.7 in; the limit is 57 in.', null];
        yield 'inches' => [$in('1.5'), $mm('25.4'), null, 'That is 38.1 mm; the limit is 25.4 mm.'];
        yield 'a strap below the shoulder' => [$mm('-20'), 'at_or_above', 'That is 0.8 in.', null];
        yield 'kilograms' => [Mass::of('22.5', MassUnit::Kilogram), Mass::of('18', MassUnit::Kilogram), 'That is 49.6 lb; the limit is 39.7 lb.', null];
        yield 'pounds' => [Mass::of('50', MassUnit::Pound), null, null, 'That is 22.7 kg.'];
        yield 'degrees are everybody’s' => [Angle::of('50', AngleUnit::Degree), Angle::of('45', AngleUnit::Degree), null, null];
        yield 'nothing measured' => ['belly', 'chest', null, null];
        yield 'nothing at all' => [null, $mm('25.4'), null, null];
    }

    #[DataProvider('findings')]
    public function testRetellsWhatWasMeasuredInOtherUnits(Quantity|string|null $observed, Quantity|string|null $limit, ?string $imperial, ?string $metric): void
    {
        $finding = new Finding(Code::of('measure.loose'), Severity::Fix, 'It moves.', 'Tighten it.', observed: $observed, limit: $limit);

        self::assertSame($imperial, Units::Imperial->retell($finding));
        self::assertSame($metric, Units::Metric->retell($finding));
    }

    public function testThePanelTellsItInThePersonsUnits(): void
    {
        $check = self::check(3);
        $panel = fn(): string => (string) $this->signedIn()->answer($check, 'setup.movement.side', ['amount' => '40', 'unit' => 'mm'], InspectionPhase::Left)->assertOk()->getContent();

        self::assertStringContainsString('<span class="retold">That is 1.6 in; the limit is 1 in.</span>', $panel());
        $this->withCookie(Units::COOKIE, 'metric');
        self::assertStringNotContainsString('class="retold"', $panel());
    }
}
