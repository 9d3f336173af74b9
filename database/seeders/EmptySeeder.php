<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\CheckupEvent;
use App\Models\VehicleLayout;
use App\Organisations\FoundOrganisation;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;

/** What an organisation without the demo begins with: an event of today by the usual practice, and the shapes of cars. */
final class EmptySeeder extends Seeder
{
    public function run(FoundOrganisation $found): void
    {
        $found('Our organisation');
        $this->begin();
    }

    /** In the organisation that was entered. */
    public function begin(): void
    {
        CheckupEvent::query()->create([
            'name' => 'First event',
            'place' => '',
            'held_on' => CarbonImmutable::now(),
            'practice' => 'us',
            'crash_policy' => 'minor_crash',
            'second_signer' => false,
            'timezone' => date_default_timezone_get(),
            'opened_at' => CarbonImmutable::now(),
        ]);
        foreach (DemoFile::rows('vehicle-layouts') as $layout) {
            $one = new VehicleLayout($layout);
            if ($one->isShape()) {
                $one->save();
            }
        }
    }
}
