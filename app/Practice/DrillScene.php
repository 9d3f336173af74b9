<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeAttempt;
use LogicException;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Drill\DrillLook;
use MintBuckle\Core\Drill\ErrorFacts;
use MintBuckle\Core\Drill\Neighbours;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A drill's set-up: as it was shown, as far as it was looked at, and as it is with what was put right. */
final readonly class DrillScene
{
    /** What every eye sees at once, and the drawings stand on. */
    private const AT_ONCE = [
        'setup.mode',
        'setup.position',
        'setup.held_by',
        'seat.slots',
        'seat.chest_clip',
        'seat.detachable',
        'seat.turns',
        'bus.system',
    ];

    private const PLACE = 'vehicle.positions.*.';

    private const MODE = 'seat.modes.*.';

    private const AGE = 'child.age_months';

    private const RECALLS = 'recall_list.campaigns';

    /** Drawn to scale beside the slots. */
    private const FROM_THE_FRONT = 'child.shoulder_height';

    private function __construct(public Scene $shown, private PracticeAttempt $attempt) {}

    public static function of(PracticeAttempt $attempt): self
    {
        $case = FactLog::decode($attempt->case);
        $scene = $case instanceof stdClass ? Scene::of($case) : null;

        return $scene === null ? throw new LogicException("drill {$attempt->id} cannot be read") : new self($scene, $attempt);
    }

    /**
     * One of a class's, before anybody worked at it.
     *
     * @param array{seed: int, level: int, fixed: string|null, code: string|null, case?: string, good?: string} $item
     */
    public static function ofClass(array $item): self
    {
        $drill = ClassDrill::of($item);

        return self::of(new PracticeAttempt([
            'case' => json_encode($drill->case, JSON_THROW_ON_ERROR),
            'good' => json_encode($drill->good, JSON_THROW_ON_ERROR),
            'faults' => $drill->faults,
            'looked' => [],
            'named' => [],
            'mends' => [],
        ]));
    }

    /** With everything that was put right. */
    public function mended(): Scene
    {
        return $this->attempt->mends === [] ? $this->shown : $this->shown->with($this->attempt->mends) ?? $this->shown;
    }

    /** Whether the set-up can be so. */
    public function takes(string $path, mixed $value): bool
    {
        return $this->shown->with([$path => $value] + $this->attempt->mends) !== null;
    }

    /**
     * What a set-up that stops would be without its error: another seat, another child's size, another place.
     *
     * @return array<string, mixed> path => value; none for what is put right on the spot, and for what is not there
     */
    public function aside(Code $code): array
    {
        $stops = static fn(Finding $f): bool => $f->code === $code && $f->severity === Severity::Stop;
        if (array_filter($this->shown->faults(), $stops) === []) {
            return [];
        }
        $good = FactLog::decode($this->attempt->good);
        assert($good instanceof stdClass);
        $aside = [];
        foreach (ErrorFacts::of($code, $this->shown->assessment->situation) as $path) {
            $wanted = CasePath::get($good, $path);
            if (json_encode($wanted) !== json_encode(CasePath::get($this->shown->case, $path))) {
                $aside[$path] = $wanted;
            }
        }

        return $aside;
    }

    /** Only what was looked at: the rest is not known, and drawn so. */
    public function looked(): Scene
    {
        $case = FactLog::decode($this->attempt->case);
        assert($case instanceof stdClass);
        foreach ($this->paths() as $path) {
            $look = $path === self::FROM_THE_FRONT ? DrillLook::Front : DrillLook::of($path);
            if (! in_array($path, self::AT_ONCE, true) && ! in_array($look?->value, $this->attempt->looked, true)) {
                CasePath::set($case, $path, null);
            }
        }

        $forbidden = $this->shown->assessment->situation->modePath('slots_forbidden');
        if (! in_array(DrillLook::Manual->value, $this->attempt->looked, true) && CasePath::get($case, $forbidden) !== null) {
            CasePath::set($case, $forbidden, []);
        }

        return Scene::of($case) ?? $this->shown;
    }

    /** @return list<string> facts of this set-up that can be seen, measured or asked for, in the order of the questions */
    public function paths(): array
    {
        $paths = [];
        foreach (Questionnaire::standard()->all as $askable) {
            $path = $this->inUse($askable);
            $value = $path === null ? null : CasePath::get($this->shown->case, $path);
            if ($path !== null && $value !== null && DrillLook::of($path) !== null && $askable->kind !== AnswerKind::Elsewhere) {
                $paths[] = $path;
            }
        }

        return $paths;
    }

    /** @return array<string, Message> path => how it is: what no question asks for by itself, the child's age and the day's recalls */
    public function besides(DrillLook $look): array
    {
        $case = $this->shown->assessment->situation->case;
        $age = $case->child->ageMonths;

        return match ($look) {
            DrillLook::Family => $age === null ? [] : [self::AGE => new Message('practice.age', ['months' => $age])],
            DrillLook::Label => [self::RECALLS => self::campaigns($case->recallList->campaigns ?? [])],
            default => [],
        };
    }

    /** What such a line is called. */
    public static function named(string $path): Message
    {
        return new Message('practice.row.' . strtr($path, '.', '_'));
    }

    /** @param list<Campaign> $campaigns */
    private static function campaigns(array $campaigns): Message
    {
        $one = $campaigns[0] ?? null;

        return $one === null ? new Message('practice.no_campaign') : new Message('practice.campaign', [
            'id' => $one->id,
            'maker' => $one->maker,
            'model' => $one->models[0] ?? '',
            'from' => $one->madeFrom,
            'to' => $one->madeTo,
        ]);
    }

    /** @return list<DrillLook> that show something here */
    public function looks(): array
    {
        $some = array_map(DrillLook::of(...), [...$this->paths(), self::RECALLS, self::AGE]);

        return array_values(array_filter(DrillLook::cases(), static fn(DrillLook $look): bool => in_array($look, $some, true)));
    }

    /** @return list<Code> */
    public function neighbours(string $path): array
    {
        return (new Neighbours($this->shown))->of($path);
    }

    private function inUse(Askable $askable): ?string
    {
        $s = $this->shown->assessment->situation;
        $path = match (true) {
            str_starts_with($askable->path, self::PLACE) => $s->placePath(substr($askable->path, strlen(self::PLACE))),
            str_starts_with($askable->path, self::MODE) => $s->modePath(substr($askable->path, strlen(self::MODE))),
            default => $askable->path,
        };

        return str_contains($path, '*') ? null : $path;
    }
}
