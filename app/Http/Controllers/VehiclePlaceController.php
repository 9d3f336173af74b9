<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Http\Requests\VehiclePlaceRequest;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Vehicles\DescribeVehicle;
use Closure;
use Illuminate\Http\RedirectResponse;

final readonly class VehiclePlaceController
{
    public function store(VehiclePlaceRequest $request, Visit $visit, string $place, DescribeVehicle $describe): RedirectResponse
    {
        return self::after(
            $visit,
            "#place-{$place}",
            static fn() => $describe->place($request->id(), $visit, $place, $request->field(), $request->all(), $request->author()),
        );
    }

    public function update(VehiclePlaceRequest $request, Visit $visit, DescribeVehicle $describe): RedirectResponse
    {
        $layout = VehicleLayout::query()->findOrFail($request->integer('layout'));

        return self::after(
            $visit,
            '',
            static fn() => $describe->layout($request->id(), $visit, $layout, $request->author()),
        );
    }

    /** @param Closure(): void $write */
    private static function after(Visit $visit, string $at, Closure $write): RedirectResponse
    {
        $visit->load('checks.visit.event.recallList');
        try {
            $write();
        } catch (UnreadableAnswer $e) {
            return redirect()->to(route('visits.car', $visit) . $at)->with('problem', $e->getMessage());
        }

        return redirect()->to(route('visits.car', $visit) . $at);
    }
}
