<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Units;
use App\Words\Telling;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A bus as it was entered, to what is kept of it; or all that cannot be taken, each with where it stands. */
final class BusFormReader
{
    /** @var list<Message|string> */
    public array $problems = [];

    /** @var list<array<string, mixed>> in the shape of the bus file */
    public array $benches = [];

    /** @var list<array<string, mixed>> */
    public array $systems = [];

    /** @var array{value: int|float, unit: string}|null */
    public ?array $grossWeight = null;

    /** @var list<Message> where each bench stands */
    private array $places = [];

    /** @var list<int> the form's number of each system */
    private array $kept = [];

    public function __construct(private readonly BusForm $form, private readonly Units $units, CheckupEvent $event)
    {
        $this->grossWeight = $this->measured($form->gross, AnswerKind::Mass, new Message('bus.layout.gross'));
        $this->benches();
        $this->systems();
        $riders = Roster::read($form->roster, $units);
        array_push($this->problems, ...$riders->problems);
        if ($this->problems === []) {
            $this->check($riders->riders, $event);
        }
    }

    private function benches(): void
    {
        foreach (range(1, $this->form->rows) as $row) {
            foreach (BenchSide::cases() as $side) {
                $typed = $this->form->bench($row, $side);
                if ($typed['places'] === '' || $typed['places'] === '0') {
                    continue;
                }
                $where = new Message('trips.bench', ['row' => $row, 'side' => $side]);
                $this->places[] = $where;
                $this->benches[] = [
                    'row' => $row,
                    'side' => $side->value,
                    'places' => $this->whole($typed['places'], $where),
                    'exit' => $typed['exit'] !== '',
                    'belt' => $typed['belt'] === '' ? 'none' : $typed['belt'],
                    'lower_anchors' => $typed['lower_anchors'] !== '',
                    'integrated' => $typed['integrated'] === '' ? null : $typed['integrated'],
                    'panel_ahead' => $this->benches === [] || $this->benches[0]['row'] === $row,
                    'space' => $this->measured($typed['space'], AnswerKind::Length, $where),
                ];
            }
        }
        if ($this->benches === []) {
            $this->problems[] = new Message('bus.layout.no_bench');
        }
    }

    private function systems(): void
    {
        foreach ($this->form->systems as $number => $typed) {
            if (implode('', array_diff_key($typed, ['width_places' => true])) === '') {
                continue;
            }
            $where = new Message('bus.layout.system', ['id' => $this->form->label($number)]);
            $this->kept[] = $number;
            $this->systems[] = [
                'id' => trim($typed['id']),
                'kind' => $typed['kind'],
                'fixed_by' => $this->form->fixings[$number] ?? [],
                'count' => $this->whole($typed['count'], $where),
                'weight_min' => $this->measured($typed['weight_min'], AnswerKind::Mass, $where),
                'weight_max' => $this->measured($typed['weight_max'], AnswerKind::Mass, $where),
                'height_max' => $this->measured($typed['height_max'], AnswerKind::Length, $where),
                'width_places' => $this->whole($typed['width_places'] === '' ? '1' : $typed['width_places'], $where),
                'depth' => $this->measured($typed['depth'], AnswerKind::Length, $where),
            ];
            if (($this->form->fixings[$number] ?? []) === [] || trim($typed['id']) === '') {
                $this->problems[] = new Message('bus.layout.needs', ['where' => $where]);
            }
        }
    }

    /**
     * What the format itself refuses.
     *
     * @param list<array<string, mixed>> $riders
     */
    private function check(array $riders, CheckupEvent $event): void
    {
        $file = FactLog::asKept([
            'format' => BusReader::FORMAT,
            'version' => BusReader::VERSION,
            'today' => $event->held_on->toDateString(),
            'gross_weight' => $this->grossWeight,
            'benches' => $this->benches,
            'systems' => $this->systems,
            'riders' => $riders,
        ]);
        assert($file instanceof stdClass);
        try {
            BusReader::fromObject($file);
        } catch (InvalidCase $e) {
            $this->problems = array_map($this->told(...), $e->problems);
        }
    }

    private function told(Problem $problem): string
    {
        $said = Telling::now()->says(new Message('refused.at_field', ['problem' => $problem->told()]));
        $of = preg_match('/\A(benches|systems|riders)\.(\d+)/', $problem->path, $m) === 1 ? [$m[1], (int) $m[2]] : ['', 0];
        $where = match ($of[0]) {
            'benches' => isset($this->places[$of[1]]) ? Telling::now()->tell($this->places[$of[1]]) : '',
            'systems' => $this->form->label($this->kept[$of[1]] ?? $of[1]),
            default => '',
        };

        return $where === '' ? $said : "{$where}: {$said}";
    }

    private function whole(string $text, Message $where): int
    {
        if (! ctype_digit(trim($text)) || strlen(trim($text)) > 4) {
            $this->problems[] = new Message('bus.layout.whole', ['where' => $where, 'text' => $text]);

            return 0;
        }

        return (int) trim($text);
    }

    /** @return array{value: int|float, unit: string}|null */
    private function measured(string $text, AnswerKind $kind, Message $where): ?array
    {
        try {
            return Measured::text($text, $kind, $this->units);
        } catch (UnreadableAnswer $e) {
            $this->problems[] = new Message('bus.layout.at', ['where' => $where, 'problem' => $e->getMessage()]);

            return null;
        }
    }
}
