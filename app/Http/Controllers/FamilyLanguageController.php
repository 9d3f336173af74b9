<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LanguageRequest;
use App\Models\Visit;
use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Telling\Message;

/** The language of a family: its sheet, and the card by which it shows the installation back. */
final readonly class FamilyLanguageController
{
    public function __invoke(LanguageRequest $request, Visit $visit, Languages $languages): RedirectResponse
    {
        $visit->update(['language' => $request->language()]);

        return redirect()->route('visits.sheet', $visit)->with('status', Telling::now()->tell(new Message('visits.language.kept', [
            'language' => $languages->names()[$request->language()],
        ])));
    }
}
