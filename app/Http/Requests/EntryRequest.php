<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Record\InspectionPhase;

/** Something entered on a check: its own id, the phase it belongs to, and who enters it. */
abstract class EntryRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'phase' => ['required', Rule::enum(InspectionPhase::class)],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    public function phase(): InspectionPhase
    {
        return $this->enum('phase', InspectionPhase::class) ?? InspectionPhase::Found;
    }

    /** The manual's page an answer was read from, or the family's reason. */
    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->trim()->toString() : null;
    }
}
