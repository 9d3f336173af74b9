<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Models\Visit;
use App\Visits\CompleteVisit;
use App\Visits\SheetLink;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** A family's own link to its sheet, and its dates as a calendar file. */
final class SheetLinkTest extends FeatureTestCase
{
    private static function left(): Visit
    {
        return Visit::query()->whereNotNull('left_at')->whereHas('checks', static fn($checks) => $checks->where('verdict', 'good_to_ride'))->with('checks')->firstOrFail();
    }

    private static function token(Visit $visit): string
    {
        return basename((string) resolve(SheetLink::class)->of($visit));
    }

    public function testAFamilyOpensItsOwnSheetWithoutAnAccount(): void
    {
        $visit = self::left();
        $token = self::token($visit);
        $this->get("/sheet/{$token}")->assertOk()->assertSee('data-sheet-of="A"', false)->assertHeader('X-Robots-Tag', 'noindex')->assertDontSee('Sign out');
        $this->get("/sheet/{$token}?large=1")->assertSee('paper large', false);
        $this->get("/sheet/{$token}/calendar")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        self::assertTrue(Auth::guest());
        $this->get("/visits/{$visit->id}/sheet")->assertRedirect('/sign-in');
        self::assertNull(resolve(SheetLink::class)->of(self::visit(3)), 'none before the family has left');
        $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertSee($token);
    }

    /** @return iterable<string, array{callable(string): string}> */
    public static function others(): iterable
    {
        yield 'another visit' => [static fn(string $token): string => (string) preg_replace('/^(\w+)-(\w+)-/', '$1-zz-', $token)];
        yield 'another organisation' => [static fn(string $token): string => (string) preg_replace('/^\w+-/', '2-', $token)];
        yield 'a later end' => [static fn(string $token): string => (string) preg_replace('/^(\w+-\w+)-\w+-/', '$1-zzzz-', $token)];
        yield 'one letter of the key' => [static fn(string $token): string => substr($token, 0, -1) . (str_ends_with($token, 'a') ? 'b' : 'a')];
        yield 'cut short' => [static fn(string $token): string => substr($token, 0, -1)];
        yield 'guessed' => [static fn(string $token): string => '1-1-zzz-' . str_repeat('0', 64)];
    }

    /** @param callable(string): string $altered */
    #[DataProvider('others')]
    public function testWhatIsGuessedOrAlteredShowsNothing(callable $altered): void
    {
        $token = $altered(self::token(self::left()));
        foreach (["/sheet/{$token}", "/sheet/{$token}/calendar"] as $address) {
            $this->get($address)->assertNotFound()->assertDontSee('data-sheet-of', false)->assertDontSee('Ottermoor');
        }
    }

    public function testItEnds(): void
    {
        $visit = self::left();
        $token = self::token($visit);
        $this->travelTo($visit->left_at?->addDays(SheetLink::DAYS));
        $this->get("/sheet/{$token}")->assertOk();
        $this->travelTo($visit->left_at?->addDays(SheetLink::DAYS + 1));
        $this->get("/sheet/{$token}")->assertNotFound()->assertSee('This link opens nothing');
    }

    public function testTheCalendarIsReadByAnIndependentParser(): void
    {
        $visit = self::left();
        $visit->update(['language' => 'es']);
        $file = (string) $this->signedIn()->get("/visits/{$visit->id}/calendar")->assertOk()->getContent();
        foreach (explode("\r\n", rtrim($file)) as $line) {
            self::assertLessThanOrEqual(75, strlen($line), 'RFC 5545, 3.1: folded');
        }
        $script = <<<'JS'
            import ICAL from 'ical.js';
            let text = '';
            for await (const chunk of process.stdin) text += chunk;
            const calendar = new ICAL.Component(ICAL.parse(text));
            console.log(JSON.stringify(calendar.getAllSubcomponents('vevent').map((one) => {
                const event = new ICAL.Event(one);
                return {uid: event.uid, day: event.startDate.toString(), whole: event.startDate.isDate, days: event.duration.toSeconds() / 86400, what: event.summary, alarm: one.getFirstSubcomponent('valarm').getFirstPropertyValue('trigger').toString()};
            })));
            JS;
        $node = new Process(['node', '--input-type=module', '-e', $script], base_path(), null, $file);
        $node->mustRun();
        /** @var list<array{uid: string, day: string, whole: bool, days: int, what: string, alarm: string}> $events */
        $events = json_decode($node->getOutput(), true, 8, JSON_THROW_ON_ERROR);
        self::assertNotSame([], $events);
        $sheet = $visit->checks->first()->sheet ?? self::fail('nothing signed');
        /** @var list<array{day: string}> $kept */
        $kept = $sheet['days'];
        $days = array_column($kept, 'day');
        self::assertSame([], array_diff($days, array_column($events, 'day')), 'every date of the sheet');
        self::assertSame(count($events), count(array_unique(array_column($events, 'uid'))));
        foreach ($events as $event) {
            self::assertSame([true, 1, '-P14D'], [$event['whole'], $event['days'], $event['alarm']]);
        }
        self::assertStringContainsString('asiento', implode(' ', array_column($events, 'what')));
    }

    public function testRegistrationStandsOnSheetAndCalendarUntilItIsDone(): void
    {
        $visit = self::visit(3);
        $check = self::check(3);
        foreach (['yes', 'no'] as $registered) {
            $this->signedIn('odalys')->post("/checks/{$check->id}/facts/label", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'seat.registered', 'answer' => $registered])->assertRedirect();
            $page = $this->get("/visits/{$visit->id}/sheet")->assertOk();
            $registered === 'no'
                ? $page->assertSee('data-registration', false)->assertSee('What to enter: Ottermoor OM-220')
                : $page->assertDontSee('data-registration', false);
        }
        $odalys = User::query()->where('login', 'odalys')->sole();
        resolve(CompleteVisit::class)($visit, $odalys, null, 'comes_back', User::query()->whereKeyNot($odalys->id)->where('role', 'senior')->first() ?? User::query()->where('login', 'ines')->sole());
        self::assertStringContainsString('-register@', (string) $this->get("/visits/{$visit->id}/calendar")->getContent());
        $this->get("/visits/{$visit->id}/sheet")->assertSee('data-registration', false);
    }
}
