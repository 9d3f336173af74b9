<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CheckupEvent;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Finding\Station;
use PHPUnit\Framework\Attributes\DataProvider;

final class PagesTest extends FeatureTestCase
{
    public function testSignIn(): void
    {
        $this->get('/')->assertRedirect('/sign-in');
        $this->from('/sign-in')->post('/sign-in', ['login' => 'wren', 'password' => 'wrong'])->assertRedirect('/sign-in')->assertSessionHasErrors('login');
        $this->post('/sign-in', ['login' => ' Wren ', 'password' => 'market-day'])->assertRedirect('/');
        $this->get('/')->assertOk()->assertSee('Harvest market');
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->get('/')->assertRedirect('/sign-in');
    }

    public function testTheEventShowsEachFamilyAndItsSeatsMarks(): void
    {
        $html = (string) $this->signedIn()->get('/')->assertOk()->getContent();
        foreach (['Good to ride', 'Fix first', 'Not finished', 'Do not use'] as $verdict) {
            self::assertStringContainsString($verdict, $html);
        }
        self::assertStringContainsString('9 days old', $html);
        self::assertStringContainsString('<h3>Idris</h3>', $html);
        self::assertStringContainsString('Halven Sound · bay 1 · ', $html);
    }

    public function testAnEmptyEvent(): void
    {
        $event = CheckupEvent::current()->replicate();
        $event->held_on = $event->held_on->addDay();
        $event->save();
        $this->signedIn()->get('/')->assertOk()->assertSee('Nobody is here yet');
    }

    /** @return iterable<string, array{string}> */
    public static function stations(): iterable
    {
        foreach (Station::of(onBus: false) as $station) {
            yield $station->value => [$station->value];
        }
    }

    #[DataProvider('stations')]
    public function testEveryStationOfEveryDemoCheckOpens(string $station): void
    {
        $this->signedIn();
        foreach ([3, 4, 5, 6, 7, 8, 1, 2] as $ticket) {
            foreach (['found', 'left'] as $phase) {
                $this->get('/checks/' . self::check($ticket)->id . "/{$phase}/{$station}")->assertOk()->assertSee('aria-current="step"', false);
            }
        }
    }

    public function testWhatThereIsNot(): void
    {
        $check = self::check(3);
        $this->signedIn()->get("/checks/{$check->id}/found/kitchen")->assertNotFound();
        $this->get("/checks/{$check->id}/lost/label")->assertNotFound();
        $this->get('/checks/0197a000-0000-7000-8000-000000000000/found/label')->assertNotFound();
        $this->get('/visits/999/sheet')->assertNotFound()->assertSee('There is no such page, check or family.');
    }

    public function testUnitsAreRemembered(): void
    {
        $check = self::check(3);
        $this->signedIn()->from('/')->post('/units', ['units' => 'metric'])->assertRedirect('/')->assertCookie('units', 'metric');
        $this->withCookie('units', 'metric')->get("/checks/{$check->id}/left/measure")->assertSee('25.4 mm, the limit')->assertSee('19.1 mm');
        $this->withCookie('units', 'furlongs')->get("/checks/{$check->id}/left/measure")->assertSee('1 in, the limit');
    }

    public function testTheSheetSaysWhatWasFoundAndWhatIsStillOpen(): void
    {
        $this->signedIn()->get('/visits/' . self::check(1)->visit_id . '/sheet')->assertOk()
            ->assertSee('Child A: Good to ride')
            ->assertSee('The seat moves 1.5 in from side to side; no more than 1 in is allowed.')
            ->assertSee('14 Mar 2030')
            ->assertSee('The seat’s and the vehicle’s instructions and the law come first');
        $this->get('/visits/' . self::check(6)->visit_id . '/sheet')->assertSee('Child A: Not finished')->assertSee('nothing can be promised');
        $this->get('/visits/' . self::check(4)->visit_id . '/sheet')->assertSee('Child A: Do not use')->assertSee('Child B: Fix first');
    }

    public function testTheCaseFileOfACheckCanBeReadBack(): void
    {
        $response = $this->signedIn()->get('/checks/' . self::check(1)->id . '/case')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="ticket-1-A.json"');
        self::assertSame('OM-220', Reader::read((string) $response->getContent())->seat?->model);
    }

    public function testNothingIsLoadedFromElsewhere(): void
    {
        $response = $this->signedIn()->get('/checks/' . self::check(3)->id . '/left/buckle');
        self::assertStringContainsString("default-src 'self'", (string) $response->headers->get('Content-Security-Policy'));
        self::assertDoesNotMatchRegularExpression('~(src|href)="https?://(?!localhost|127\.0\.0\.1)~', (string) $response->getContent());
    }
}
