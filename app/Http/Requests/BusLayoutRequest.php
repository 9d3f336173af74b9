<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bus\BusForm;
use App\Bus\BusFormReader;
use App\Models\BusLayout;
use App\Models\CheckupEvent;
use App\Units;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Telling\Message;

/** A bus as it is entered or changed; its name is no other's, and nobody changed it in the meantime. */
final class BusLayoutRequest extends FormRequest
{
    use ReadsText;
    use BySomebody;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->isSaved() ? [
            'name' => ['required', 'string', 'max:60', Rule::unique(BusLayout::class)->ignore($this->layout()?->id)],
            'seen' => ['nullable', 'string', 'max:40'],
        ] : [];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $word = Telling::now()->word(...);

        return ['name.unique' => $word('refused.bus.name_taken'), 'name.*' => $word('refused.bus.name')];
    }

    public function isSaved(): bool
    {
        return ! $this->filled('more');
    }

    /** The form once more, with another row or system where that was asked for. */
    public function form(): BusForm
    {
        $form = BusForm::typed($this->all());

        return match ($this->string('more')->toString()) {
            'rows' => $form->withRows(),
            'system' => $form->withAnotherSystem(),
            default => $form,
        };
    }

    public function reader(): BusFormReader
    {
        return new BusFormReader($this->form(), Units::remembered($this->cookie(Units::COOKIE)), CheckupEvent::current());
    }

    /** Whether somebody else changed it since this form was opened. */
    public function isOvertaken(): ?Message
    {
        $layout = $this->layout();

        return $layout !== null && $this->string('seen')->toString() !== $layout->seen() ? new Message('bus.layout.overtaken') : null;
    }

    public function layout(): ?BusLayout
    {
        $layout = $this->route('layout');

        return $layout instanceof BusLayout ? $layout : null;
    }
}
