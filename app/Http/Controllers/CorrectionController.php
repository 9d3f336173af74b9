<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\FactLog;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Models\User;
use App\Shelf\PutOnShelf;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use MintBuckle\Core\CaseFile\CasePath;
use stdClass;

final readonly class CorrectionController
{
    public function store(Request $request, SeatModel $model, Fact $fact): RedirectResponse
    {
        abort_unless(Fact::correctionsOf($model)->contains('id', $fact->id), 404);
        $rules = FactLog::asKept($model->rules);
        assert($rules instanceof stdClass);
        CasePath::set($rules, substr($fact->key, strlen('seat.')), FactLog::asKept($fact->value));
        $author = $request->user();
        $newer = PutOnShelf::put($rules, $model->kind, $author instanceof User ? $author : null);

        return redirect()->route('shelf.show', $newer)->with('status', "Taken: version {$newer->version} of {$newer->title()}. Checks made before keep the rules they were made with.");
    }
}
