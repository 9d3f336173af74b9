<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use MintBuckle\Core\Label\LabelCode;
use MintBuckle\Core\Record\InspectionPhase;

final class LabelTest extends FeatureTestCase
{
    public function testWhatWasReadIsShownBeforeItIsTaken(): void
    {
        $check = self::check(8);
        $code = LabelCode::write(['maker' => 'Pellwick', 'model' => 'PW-129', 'serial' => 'S-77', 'made_on' => '2023-06']);
        $this->signedIn()->get("/checks/{$check->id}/label?" . http_build_query(['code' => $code]))->assertOk()->assertSee('data-read="serial"', false)->assertSee('S-77');
        self::assertNull($check->caseOf(InspectionPhase::Found)->case->seat?->serial);

        $this->post("/checks/{$check->id}/label", ['code' => $code])->assertRedirect("/checks/{$check->id}/found/label");
        $seat = Check::query()->with('visit.event.recallList')->findOrFail($check->id)->caseOf(InspectionPhase::Found)->case->seat;
        self::assertSame(['S-77', '2023-06'], [$seat?->serial, (string) $seat?->madeOn]);
        $count = $check->facts()->count();
        $this->post("/checks/{$check->id}/label", ['code' => $code]);
        self::assertSame($count, $check->facts()->count(), 'read twice, entered once');
    }

    public function testAPlainCodeIsTakenAsWhatThePersonSays(): void
    {
        $check = self::check(8);
        $this->signedIn()->get("/checks/{$check->id}/label?code=0412345678901")->assertOk()->assertSee('It is the serial number');
        $this->post("/checks/{$check->id}/label", ['code' => '0412345678901', 'as' => 'serial']);
        self::assertSame('0412345678901', Check::query()->with('visit.event.recallList')->findOrFail($check->id)->caseOf(InspectionPhase::Found)->case->seat?->serial);
        $this->post("/checks/{$check->id}/label", ['code' => '0412345678901', 'as' => 'life_years'])->assertSessionHas('problem', 'There is nothing to take.');
    }

    public function testWhatIsNoLabelIsRefused(): void
    {
        $check = self::check(8);
        $this->signedIn()->get("/checks/{$check->id}/label?" . http_build_query(['code' => '{"format": "x"}']))->assertOk()->assertSee('Nothing to take');
        $this->post("/checks/{$check->id}/label", ['code' => LabelCode::write(['made_on' => '2099-01-01'])])->assertSessionHas('problem');
        self::assertSame('2022-10-05', (string) Check::query()->with('visit.event.recallList')->findOrFail($check->id)->caseOf(InspectionPhase::Found)->case->seat?->madeOn);
        $this->get('/stand-ins/labels')->assertOk()->assertSee('data-qr="{&quot;format&quot;', false);
        $this->get('/stand-ins/manual')->assertOk()->assertSee('Tolwyn TW-5 Harbour');
    }
}
