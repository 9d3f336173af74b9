<?php

declare(strict_types=1);

namespace App\Providers;

use App\Checks\Judge;
use App\Clock;
use App\Units;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\ServiceProvider;
use MintBuckle\Core\Rulebook;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Rulebook::class, static fn(): Rulebook => Rulebook::current());
        $this->app->scoped(Judge::class);
        $this->app->bind(Units::class, static fn(): Units => Units::remembered(request()->cookie(Units::COOKIE)));
        $this->app->singleton(ClockInterface::class, Clock::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Date::use(CarbonImmutable::class);
    }
}
