<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use App\Models\PracticeCopy;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Crew\Certificate;
use MintBuckle\Core\Crew\CrewSize;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Telling\Message;

/** The plan of an event as it is entered. */
final readonly class EventForm
{
    /**
     * @param CheckupEvent $event as it is, or as it is begun with: a copy of an earlier one
     * @param Collection<int, User> $people who may sign, and so may work there
     * @param list<int> $crew who does
     * @param Collection<int, CheckupEvent> $templates earlier events, the latest first
     * @param array<int|string, Message> $copies the organisation's own figures by the number of the copy, none chosen first
     */
    private function __construct(
        public CheckupEvent $event,
        public Collection $people,
        public array $crew,
        public Collection $templates,
        public array $copies,
    ) {}

    public static function of(CheckupEvent $event): self
    {
        return new self($event, self::people(), $event->crewIds(), new Collection(), self::copies());
    }

    /** A new one: by a template's practice, policies, law and figures, on a day that is still to be said. */
    public static function from(?CheckupEvent $template, string $today): self
    {
        $templates = CheckupEvent::query()->orderByDesc('held_on')->orderByDesc('id')->limit(self::TEMPLATES)->get();
        $template ??= $templates->first();
        $event = $template?->replicate(['opened_at', 'closed_at', 'recall_list_id']) ?? new CheckupEvent(self::BLANK);
        $event->setAttribute('held_on', $today);

        return new self($event, self::people(), $template?->crewIds() ?? [], $templates, self::copies());
    }

    private const TEMPLATES = 20;

    private const BLANK = [
        'name' => '', 'place' => '', 'practice' => 'us', 'crash_policy' => 'minor_crash', 'second_signer' => false, 'timezone' => 'UTC',
        'bays' => 6, 'minutes_per_seat' => CrewSize::MINUTES_A_SEAT, 'walk_in_share' => 30, 'law_sources' => [],
    ];

    public function certificate(User $person): Certificate
    {
        return $person->certificateOn($this->event->held_on);
    }

    /** @return array<string, Message> */
    public static function practices(): array
    {
        $titles = [];
        foreach (PracticeCode::cases() as $practice) {
            $titles[$practice->value] = new Message("limits.practices.{$practice->value}");
        }

        return $titles;
    }

    /** @return array<int|string, Message> */
    private static function copies(): array
    {
        $titles = ['' => new Message('own_practice.as_printed')];
        foreach (PracticeCopy::query()->orderBy('name')->get() as $copy) {
            $titles[$copy->id] = new Message('own_practice.copy_of', [
                'name' => $copy->name,
                'base' => new Message("limits.practices.{$copy->base->value}"),
            ]);
        }

        return $titles;
    }

    /** @return array<string, Message> */
    public static function crashPolicies(): array
    {
        return ['strict' => new Message('events.crash.strict'), 'minor_crash' => new Message('events.crash.minor_crash')];
    }

    /** @return Collection<int, User> */
    private static function people(): Collection
    {
        return User::maySign()->orderBy('name')->get();
    }
}
