<?php

/** Sessions of signed-in people and checks of their own, for the benchmarks that let many answer at once. Not a benchmark itself. */

declare(strict_types=1);

use App\Checks\NoteFact;
use App\Models\Check;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Support\Str;
use Symfony\Component\Uid\UuidV7;

require __DIR__ . '/../bootstrap/owner.php';
require __DIR__ . '/../vendor/autoload.php';

/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
resolve(\App\Organisations\CurrentOrganisation::class)->enter(\App\Organisations\Door::Login, 'wren');

/** A copy of the demo's check on a day of its own in the past, so that no demo screen shows it. */
function benchCheck(): Check
{
    $demo = Check::query()
        ->whereNull('signed_at')
        ->whereHas('visit', static fn($visit) => $visit->where('ticket', 3)->whereRelation('event', 'name', 'Harvest market'))
        ->with(['facts.author', 'visit.event'])
        ->firstOrFail();
    $event = $demo->visit->event->replicate()->fill([
        'name' => 'Benchmark',
        'held_on' => $demo->visit->event->held_on->subYears(1),
        'recall_list_id' => null,
        'closed_at' => now(),
    ]);
    $event->save();
    $visit = $demo->visit->replicate()->fill(['checkup_event_id' => $event->id, 'submission' => UuidV7::generate()]);
    $visit->save();
    $check = Check::query()->create(['id' => UuidV7::generate(), 'visit_id' => $visit->id, 'letter' => 'A']);
    foreach ($demo->facts as $fact) {
        if (! str_starts_with($fact->key, 'child.born_on')) {
            NoteFact::append($check, UuidV7::generate(), $fact->phase, $fact->key, $fact->value, $fact->author, $fact->recorded_at);
        }
    }

    return $check;
}

/** @return array{string, string} the cookie of somebody who has just signed in, and the token of their forms */
function benchSession(User $user): array
{
    // Another one each time: a store believes that what it saved once is there.
    session()->forgetDrivers();
    $session = session()->driver();
    $session->setId($id = Str::random(40));
    $session->put('_token', $token = Str::random(40));
    $session->put('login_web_' . sha1(Illuminate\Auth\SessionGuard::class), $user->id);
    $session->save();
    $name = config()->string('session.cookie');
    $value = encrypter()->encrypt(CookieValuePrefix::create($name, encrypter()->getKey()) . $id, false);

    return ["{$name}={$value}", $token];
}

function encrypter(): Illuminate\Encryption\Encrypter
{
    return app(Illuminate\Encryption\Encrypter::class);
}

/** An answer as a check's page sends it. */
function benchAnswer(string $base, Check $check, string $cookie, string $token, string $id): CurlHandle
{
    $curl = curl_init("{$base}/checks/{$check->id}/facts/measure");
    curl_setopt_array($curl, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_TIMEOUT => 20,
        CURLOPT_COOKIE => $cookie,
        CURLOPT_HTTPHEADER => ['HX-Request: true'],
        CURLOPT_POSTFIELDS => http_build_query([
            '_token' => $token,
            'id' => $id,
            'phase' => 'left',
            'key' => 'setup.wedge',
            'answer' => 'none',
        ]),
    ]);

    return $curl;
}
