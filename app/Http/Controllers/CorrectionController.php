<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\Overtaken;
use App\Catalogue\PublishSeatModel;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Message;
use stdClass;

final readonly class CorrectionController
{
    public function store(Request $request, SeatModel $model, Fact $fact): RedirectResponse
    {
        abort_unless(Fact::correctionsOf($model)->contains('id', $fact->id), 404);
        // Another version may hold by now: the figure goes into that one, and nothing of it is lost.
        $latest = SeatModel::inUse()->where('maker', $model->maker)->where('model', $model->model)->first() ?? $model;
        $rules = FactLog::asKept($latest->rules);
        assert($rules instanceof stdClass);
        CasePath::set($rules, substr($fact->key, strlen('seat.')), FactLog::asKept($fact->value));
        $author = $request->user();
        assert($author instanceof User);
        try {
            $newer = PublishSeatModel::over($latest->id, $rules, $latest->kind, $author, $latest->about);
        } catch (Overtaken $e) {
            return redirect()->route('seats.show', $e->newer)->with('status', Telling::now()->word('refused.look_once_more'));
        }

        return redirect()->route('seats.show', $newer)->with(
            'status',
            Telling::now()->tell(new Message('catalogue.corrected', ['n' => $newer->version, 'model' => $newer->title()])),
        );
    }
}
