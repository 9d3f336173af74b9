<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\Ability;
use App\Accounts\ShortSession;
use App\Checks\Judge;
use App\Clock;
use App\Models\User;
use App\Organisations\Connector;
use App\Organisations\CurrentOrganisation;
use App\Units;
use App\Words\Languages;
use App\Words\Translator;
use App\WorkerPulse;
use Carbon\CarbonImmutable;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator as LaravelTranslator;
use MintBuckle\Core\Rulebook;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Rulebook::class, static fn(): Rulebook => Rulebook::current());
        $this->app->singleton(CurrentOrganisation::class);
        $this->app->bind('db.connector.pgsql', Connector::class);
        $this->app->scoped(Judge::class);
        $this->app->singleton(Languages::class, static function (): Languages {
            /** @var array<string, array{locale: string, name: string}> $known */
            $known = config('languages');

            return new Languages($known, lang_path());
        });
        $this->app->bind(Units::class, static fn(): Units => Units::remembered(request()->cookie(Units::COOKIE)));
        $this->app->singleton(ClockInterface::class, Clock::class);
        $this->app->extend('translator', static fn(LaravelTranslator $laravels): Translator => new Translator(
            $laravels->getLoader(),
            $laravels->getLocale(),
        ));
    }

    public function boot(): void
    {
        // By session, so that a whole class behind one address is heard; by address, so that nobody floods it with sessions.
        RateLimiter::for('class', static fn(Request $request): array => [
            Limit::perMinute(180)->by('session ' . $request->session()->getId()),
            Limit::perMinute(3000)->by('address ' . $request->ip()),
        ]);
        foreach (Ability::cases() as $ability) {
            // A few digits at a device that several share are not enough to let others in.
            Gate::define($ability->value, static fn(User $person): bool => $person->role->may($ability)
                && ($ability !== Ability::Manage || ! ShortSession::isShared(resolve(Session::class))));
        }
        WorkerPulse::listen();
        CurrentOrganisation::carry();
        Model::shouldBeStrict();
        Date::use(CarbonImmutable::class);
        // What the core found, told where it is shown: @tell as it stands, @says with a capital letter.
        Blade::directive('tell', static fn(string $told): string => "<?php echo e(\\App\\Words\\Telling::now()->show({$told})); ?>");
        Blade::directive('says', static fn(string $told): string => "<?php echo e(\\App\\Words\\Telling::now()->says({$told})); ?>");
        // What a family reads on a technician's screen.
        Blade::directive('in', static fn(string $language): string => "<?php \\App\\Words\\Telling::begin({$language}); ?>");
        Blade::directive('endin', static fn(): string => '<?php \App\Words\Telling::end(); ?>');
    }
}
