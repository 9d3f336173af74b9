<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * Seats a bus: first where the restrained riders go (RestraintSearch), then who of them and where the others sit (StopSearch). Exact up to
 * 12 restrained riders on 24 benches; beyond that it says so when something was not looked at.
 */
final readonly class BusPlanner
{
    private const MOST_PLANS = 10;

    public static function plan(BusRequest $request): BusAnswer
    {
        $layout = new BusLayout($request->benches);
        $company = Company::of($request, $layout);
        $places = new RestraintSearch($layout, $company);
        $skeletons = $company->homeless === [] ? $places->run() : null;
        if ($skeletons === null) {
            return self::impossible($request, $company, ! $places->wasCut);
        }
        $search = new StopSearch($request, $layout, $company);
        [$found, $isExact] = $search->run($skeletons);
        $assembly = new PlanAssembly($request, $layout, $company, $search->crowds());
        $plans = [];
        foreach ($found as $seated) {
            $plan = $assembly->plan($seated);
            $plans[$plan->key()] ??= $plan;
            if (count($plans) === self::MOST_PLANS) {
                break;
            }
        }
        $isExact = $isExact && $skeletons->isExact;

        return new BusAnswer(
            array_values($plans),
            $isExact,
            null,
            $isExact ? null : new Message($skeletons->isExact ? 'bus.cut.stops' : 'bus.cut.places'),
        );
    }

    private static function skeletons(BusLayout $layout, Company $company): ?Skeletons
    {
        return $company->homeless === [] ? (new RestraintSearch($layout, $company))->run() : null;
    }

    /** Where not every way was looked at, it is not sure that there is none. */
    private static function impossible(BusRequest $request, Company $company, bool $isExact): BusAnswer
    {
        $cut = $isExact ? null : new Message('bus.cut.places');
        $obstacles = self::obstacles($request, $company);

        return new BusAnswer([], $isExact, $cut === null ? $obstacles : [...$obstacles, new BusObstacle('size', $cut)], $cut);
    }

    /** @return list<BusObstacle> */
    private static function obstacles(BusRequest $request, Company $company): array
    {
        if ($company->homeless !== []) {
            $names = array_map(static fn(int $rider): string => $request->riders[$rider]->name, $company->homeless);

            return [new BusObstacle('stock', new Message('bus.impossible.stock', ['names' => Listing::all($names)]))];
        }
        $obstacles = [];
        foreach (Relaxed::cases() as $relaxed) {
            $without = $request->relaxed($relaxed);
            $layout = new BusLayout($without->benches);
            if (self::skeletons($layout, Company::of($without, $layout)) !== null) {
                $obstacles[] = new BusObstacle($relaxed->value, new Message("bus.impossible.{$relaxed->value}"));
            }
        }

        return $obstacles === [] ? [new BusObstacle('several', new Message('bus.impossible.several'))] : $obstacles;
    }
}
