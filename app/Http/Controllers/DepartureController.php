<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SendOff;
use App\Models\User;
use App\Models\Visit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

final readonly class DepartureController
{
    public function store(Visit $visit, #[CurrentUser] User $user, SendOff $sendOff): RedirectResponse
    {
        $sendOff($visit, $user);

        return redirect()->route('visits.sheet', $visit)->with('status', 'The family has left; its checks are signed and stay as they are.');
    }
}
