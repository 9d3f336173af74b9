<?php

declare(strict_types=1);

namespace App\Findings;

use App\Models\CheckupEvent;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Report\FigureRow;
use MintBuckle\Core\Report\Figures;
use MintBuckle\Core\Report\FigureTable;
use MintBuckle\Core\Report\Measure;
use MintBuckle\Core\Report\Report;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\ListingKind;
use MintBuckle\Core\Telling\Message;

/** The figures of some checks: exact ones for the organisation, or those that may leave it. */
final readonly class FindingsPage
{
    /** @var list<FigureTable> those in which anything was counted, the summary first */
    public array $tables;

    /**
     * @param Collection<int, CheckupEvent> $events to choose from, the last first
     * @param list<HardModel> $models those that were loose most often; none where figures are filtered or to hand on
     * @param int $made events of the filter of which figures to hand on were made
     * @param int $waiting events that are over, and of which no figures to hand on were made yet
     */
    public function __construct(
        public FindingsFilter $filter,
        private Figures $figures,
        public Collection $events,
        public array $models,
        public int $made,
        public int $waiting,
    ) {
        $this->tables = array_values(array_filter(
            Report::of($this->figures),
            static fn(FigureTable $table): bool => $table->rows !== [],
        ));
    }

    /** Of which checks, in words: it stands on paper too. */
    public function about(): Listing
    {
        [$filter, $event] = [$this->filter, $this->filter->event];

        return Listing::of(ListingKind::Line, [
            $event === null
                ? new Message('report.all_events')
                : new Message('report.event_on', ['name' => $event->name, 'day' => CalendarDate::parse($event->held_on->toDateString())]),
            ...($filter->from === null ? [] : [new Message('report.since', ['month' => PartialDate::parse($filter->from)])]),
            ...($filter->to === null ? [] : [new Message('report.until', ['month' => PartialDate::parse($filter->to)])]),
            ...($filter->practice === null ? [] : [new Message("limits.practices.{$filter->practice->value}")]),
            ...($filter->kind === null ? [] : [new Message(FindingsFilter::word($filter->kind))]),
            new Message($filter->handOn ? 'report.for.others' : 'report.for.us'),
        ]);
    }

    public function isEmpty(): bool
    {
        return $this->figures->keys(Measure::Left) === [] || ($this->filter->handOn && $this->figures->seats() === null);
    }

    /** Why there is nothing to show: the key of its words. */
    public function whyEmpty(): string
    {
        return match (true) {
            ! $this->filter->handOn => 'report.empty',
            $this->made === 0 => 'report.none_made',
            default => 'report.too_few',
        };
    }

    /**
     * Where a figure's checks are listed; null where none are: nothing was counted, it is to hand on, or no check is meant.
     *
     * @return array<string, string>|null what the address says besides the filter
     */
    public function listed(FigureRow $row, string $table): ?array
    {
        return $this->filter->handOn || $row->measure === null || ($row->cells['found'] ?? $row->cells['count'] ?? 0) === 0
            ? null
            : $this->filter->query() + ['measure' => $row->measure->value, 'of' => $table === 'summary' ? '' : $row->key];
    }
}
