<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CheckAnswer;
use App\Http\Requests\PhotoRequest;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Models\Photo;
use App\Photos\KeepPhoto;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\InspectionPhase;

/** Pictures of label and damage: private, for who has signed in. */
final readonly class PhotoController
{
    public function __construct(private CheckAnswer $answer, private KeepPhoto $keep) {}

    public function show(Photo $photo): Response
    {
        return response($photo->image)->withHeaders([
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, no-store',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    public function store(PhotoRequest $request, Check $check, Station $station): Response|RedirectResponse
    {
        return $this->answer->after($check, $request->phase(), $station, 'photo', fn() => ($this->keep)(
            $check,
            $request->id(),
            $request->about(),
            $request->bytes(),
            $request->author(),
        ));
    }

    public function destroy(PlainRequest $request, Photo $photo): Response|RedirectResponse
    {
        $phase = $request->enum('phase', InspectionPhase::class) ?? InspectionPhase::Found;
        $station = $request->enum('station', Station::class) ?? Station::Label;

        return $this->answer->after($photo->check, $phase, $station, 'photo', fn() => $this->keep->away($photo));
    }
}
