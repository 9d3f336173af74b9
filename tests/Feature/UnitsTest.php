<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Units;
use MintBuckle\Core\Record\InspectionPhase;

/** Whatever unit was measured in: a person reads it in the units that person works in. */
final class UnitsTest extends FeatureTestCase
{
    public function testThePanelTellsItInThePersonsUnits(): void
    {
        $check = self::check(3);
        $panel = fn(): string => (string) $this->signedIn()->answer($check, 'setup.movement.side', ['amount' => '40', 'unit' => 'mm'], InspectionPhase::Left)->assertOk()->getContent();

        self::assertStringContainsString('The seat moves 1.6 in from side to side; no more than 1 in is allowed.', $panel());
        $this->withCookie(Units::COOKIE, 'metric');
        self::assertStringContainsString('The seat moves 40 mm from side to side; no more than 25.4 mm is allowed.', $panel());
    }
}
