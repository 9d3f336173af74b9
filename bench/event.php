<?php

/**
 * The event's page with 500 visits, read from the projection: time, size, and as a ratio to judging one of its checks from its facts.
 *
 * Copies of the demo's visits inside a transaction of the development database that is rolled back; the page goes through the whole
 * application, in process. Medians of rounds in one run.
 */

declare(strict_types=1);

use App\Checks\Projection;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/../bin/lib/median.php';

/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
resolve(\App\Organisations\CurrentOrganisation::class)->enter(\App\Organisations\Door::Login, 'wren');
const VISITS = 500;

DB::beginTransaction();
$event = CheckupEvent::current();
$projection = $app->make(Projection::class);
$projection->refresh($event);
$demo = $event->visits()->with(['family', 'checks.facts'])->get();
for ($number = $demo->count(); $number < VISITS; $number++) {
    $from = $demo[$number % $demo->count()];
    $visit = $from->replicate()->fill(['ticket' => $number + 1, 'submission' => fake_uuid($number), 'bay' => null]);
    $visit->left_at = $number < VISITS - 30 ? $event->created_at : null;
    $visit->save();
    $from->family?->replicate()->fill(['visit_id' => $visit->id])->save();
    foreach ($from->checks as $index => $check) {
        $copy = $check->replicate();
        $copy->forceFill(['id' => fake_uuid(1_000_000 + $number * 10 + $index), 'visit_id' => $visit->id])->save();
        $facts = $check->facts->map(static fn($fact, $n): array => [
            'id' => fake_uuid(10_000_000 + $number * 2_000 + $index * 400 + $n),
            'check_id' => $copy->id,
        ] + array_diff_key($fact->getAttributes(), ['seq' => true]));
        DB::table('facts')->insert($facts->all());
    }
}

/** An id like a real one, told apart by a number. */
function fake_uuid(int $number): string
{
    return sprintf('0199ffff-ffff-7fff-8fff-%012x', $number);
}

$app->instance('request', Request::create('/'));
Auth::setUser(User::query()->where('login', 'wren')->firstOrFail());
$page = '';
$times = [];
for ($round = 0; $round < 15; $round++) {
    $start = hrtime(true);
    $response = $kernel->handle(Request::create(route('event', absolute: false)));
    $times[] = (hrtime(true) - $start) / 1_000_000;
    $page = (string) $response->getContent();
    if ($response->getStatusCode() !== 200 || substr_count($page, 'data-ticket=') < 30) {
        fwrite(STDERR, "The page answered {$response->getStatusCode()} with " . substr_count($page, 'data-ticket=') . " visits.\n");
        exit(1);
    }
}
sort($times);
$one = Check::query()->whereHas('visit', static fn($visits) => $visits->where('checkup_event_id', $event->id))->firstOrFail();
$judge = medianMicroseconds(static fn() => $projection->keep($one->fresh(['facts', 'visit.event.recallList']) ?? $one)) / 1_000;
DB::rollBack();
printf("bench: event_500_ms %.0f ms\n", $times[7]);
printf("bench: event_500_kb %.1f kB\n", strlen($page) / 1_000);
printf("bench: event_500_vs_judging_one %.1f x\n", $times[7] / $judge);
printf("bench: event_500_bytes %d bytes\n", strlen(gzencode($page) ?: ''));
