<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Models\User;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Vehicles\DescribeVehicle;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class VehiclePlaceController
{
    public function store(Request $request, Visit $visit, string $place, DescribeVehicle $describe): RedirectResponse
    {
        return self::after(
            $request,
            $visit,
            "#place-{$place}",
            static fn(User $author) => $describe->place($visit, $place, $request->string('field')->toString(), $request->all(), $author),
        );
    }

    public function update(Request $request, Visit $visit, DescribeVehicle $describe): RedirectResponse
    {
        return self::after(
            $request,
            $visit,
            '',
            static fn(User $author) => $describe->layout($visit, VehicleLayout::query()->findOrFail($request->integer('layout')), $author),
        );
    }

    /** @param Closure(User): void $write */
    private static function after(Request $request, Visit $visit, string $at, Closure $write): RedirectResponse
    {
        $author = $request->user();
        assert($author instanceof User);
        $visit->load('checks.visit.event.recallList');
        try {
            $write($author);
        } catch (UnreadableAnswer $e) {
            return redirect()->to(route('visits.car', $visit) . $at)->with('problem', $e->getMessage());
        }

        return redirect()->to(route('visits.car', $visit) . $at);
    }
}
