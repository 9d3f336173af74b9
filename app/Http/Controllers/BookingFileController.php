<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bookings\RegistrationFile;
use App\Bookings\Registrations;
use App\Http\Requests\RegistrationsRequest;
use App\Models\CheckupEvent;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Telling\Message;

/** Registrations that come as a file: looked at, their columns mapped, taken whole or not at all. */
final readonly class BookingFileController
{
    public function store(RegistrationsRequest $request, CheckupEvent $event): RedirectResponse
    {
        return redirect()->route('bookings.file', [$event, RegistrationFile::keep($event, $request->content())]);
    }

    public function show(CheckupEvent $event, string $file, RegistrationFile $read): View
    {
        $columns = $read->columns($event, $file);
        abort_if($columns === [], 404);

        return view('pages.bookings.file', [
            'event' => $event,
            'file' => $file,
            'columns' => $columns,
            'guessed' => RegistrationFile::guessed($columns),
        ]);
    }

    public function update(
        RegistrationsRequest $request,
        CheckupEvent $event,
        string $file,
        RegistrationFile $read,
        Registrations $registrations,
    ): RedirectResponse {
        abort_if($read->columns($event, $file) === [], 404);
        $ended = $registrations->take($file, $event, $request->columns(), $request->author());

        return $ended['problems'] === []
            ? redirect()->route('bookings', $event)
                ->with('status', Telling::now()->tell(new Message('bookings.file.taken', ['count' => $ended['taken']])))
            : redirect()->route('bookings.file', [$event, $file])->with('problems', $ended['problems'])->withInput();
    }
}
