<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\OutgoingMail;
use App\Models\SeatModel;
use Illuminate\Contracts\View\View;
use MintBuckle\Core\Label\LabelCode;

final readonly class StandInController
{
    /** Labels to print and to hold before a camera: one a model of the catalogue. */
    public function labels(): View
    {
        $labels = SeatModel::inUse()
            ->limit(12)
            ->get()
            ->map(
                static fn(SeatModel $m): array => [
                    'model' => $m,
                    'serial' => "{$m->model}-0001",
                    'code' => LabelCode::write([
                        'maker' => $m->maker,
                        'model' => $m->model,
                        'name' => (string) $m->name,
                        'serial' => "{$m->model}-0001",
                        'made_on' => '2024-05-17',
                    ]),
                ],
            );

        return view('pages.stand-ins.labels', ['labels' => $labels]);
    }

    /** What would have been sent: no mail leaves this machine. */
    public function mail(): View
    {
        return view('pages.stand-ins.mail', ['mails' => OutgoingMail::query()->orderByDesc('id')->limit(100)->get()]);
    }

    /** A page of a made-up seat's manual, to practise entering a model. */
    public function manual(): View
    {
        return view('pages.stand-ins.manual');
    }
}
