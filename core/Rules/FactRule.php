<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules;

use BackedEnum;
use Closure;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;

/** The plainest rule: one fact, one faulty value. A row of a station's table. */
final readonly class FactRule implements Rule
{
    /**
     * @param string $path of the fact; "place." stands for the place in use
     * @param Closure(AssessmentContext): (bool|BackedEnum|null) $read
     * @param list<string>|null $mendedBy other facts than this one that show it put right
     * @param bool|When $asked whether, or when, an unknown fact keeps the check from finishing
     */
    public function __construct(
        private Code $code,
        private Severity $severity,
        private When $when,
        private bool|When $asked,
        private string $path,
        private Closure $read,
        private bool|BackedEnum $faulty,
        private ?string $subject = null,
        private ?array $mendedBy = null,
    ) {}

    public function finds(): array
    {
        $path = str_starts_with($this->path, 'place.') ? 'vehicle.positions.*.' . substr($this->path, strlen('place.')) : $this->path;

        return [new Finds($this->code, [$this->severity], $this->mendedBy ?? [$path], subject: $this->subject)];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $this->when->holds($s)) {
            return;
        }
        $value = ($this->read)($s);
        if ($value === null && ($this->asked instanceof When ? $this->asked->holds($s) : $this->asked)) {
            $path = str_starts_with($this->path, 'place.') ? $s->placePath(substr($this->path, strlen('place.'))) : $this->path;
            yield new Question($path, $this->code->station(), $this->severity);
        }
        if ($value === $this->faulty) {
            yield new Finding(
                $this->code,
                $this->severity,
                variant: $this->subject,
                subject: $this->subject,
                observed: $value instanceof BackedEnum ? (string) $value->value : null,
                sources: [Source::Common->cite()],
            );
        }
    }
}
