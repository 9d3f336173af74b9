<?php

declare(strict_types=1);

namespace Tests\Core\Second;

use Brick\Math\BigRational;

/** Handbook section 8 and the case format's "Measure". */
final class MeasureReading extends Reading
{
    use Ways;

    private const DIRECTIONS = ['side', 'front', 'up'];

    public function says(): array
    {
        if ($this->mode === null || $this->mode === 'belt_only') {
            return [];
        }
        $rear = $this->mode === 'rear_harness';
        $harness = $this->isHarness();
        $moved = $harness && $this->held !== 'nothing' && $this->get('setup.movement') !== null;
        $atPath = $this->get('setup.movement.at_belt_path');
        $tether = $this->get('setup.tether.used') === true;

        return [
            'measure.wrong_spot' => $moved && $atPath === false ? 'ask' : null,
            'measure.loose' => $moved && $atPath !== false ? $this->loose() : null,
            'measure.at_limit' => $moved && $atPath !== false ? $this->atLimit() : null,
            'measure.tether_masked' => $moved && $tether && $this->get('setup.movement.tether_loose') === false && $atPath !== false ? ($atPath === true ? 'ask' : self::OPEN) : null,
            'measure.not_level' => $rear ? $this->notLevel() : null,
            ...($rear ? $this->recline() : ['measure.too_upright' => null, 'measure.too_flat' => null]),
            'measure.recline_setting' => $this->reclineSetting(),
            'measure.foot_position' => $this->foot(),
            'measure.overhang' => $this->overhang(),
            'measure.tether_unused' => $harness ? $this->tetherUnused($rear) : null,
            'measure.tether_forbidden' => $rear && $tether && $this->text('seat.tether_rear') === 'forbidden' ? 'fix' : ($harness ? null : self::OPEN),
            'measure.tether_slack' => $harness && $this->get('setup.tether.slack') === true ? ($tether ? 'fix' : self::OPEN) : ($harness ? null : self::OPEN),
            'measure.tether_overtight' => $rear && $this->get('setup.tether.overtight') === true ? ($tether ? 'fix' : self::OPEN) : ($rear ? null : self::OPEN),
            'measure.tether_route' => $harness && $this->get('setup.tether.routed') === false ? ($tether ? 'fix' : self::OPEN) : ($harness ? null : self::OPEN),
            ...$this->parts(),
            'measure.wedge_not_allowed' => $this->wedge($rear),
        ];
    }

    /** A figure stands above what was felt. */
    private function loose(): ?string
    {
        $own = $this->get('seat.movement_max');
        $open = false;
        foreach (self::DIRECTIONS as $direction) {
            $figure = $this->measured("setup.movement.{$direction}");
            $beyond = $figure === null
                ? $this->text("setup.movement.{$direction}_felt") === 'more'
                : $this->beyond($figure, $own);
            if ($beyond === true) {
                return 'fix';
            }
            $open = $open || $beyond === null;
        }

        return $open ? self::OPEN : null;
    }

    private function beyond(BigRational $moved, mixed $own): ?bool
    {
        $usual = BigRational::of($this->practice === 'us' ? '25.4' : '25');
        $answers = [];
        foreach ($this->worlds($own, true, $this->held) as $limit) {
            $order = $moved->compareTo($limit[0] ?? $usual);
            $answers[] = $order > 0 || ($order === 0 && ($limit === null ? $this->practice !== 'us' : $limit[1]));
        }

        return count(array_unique($answers)) === 1 ? $answers[0] : null;
    }

    /** At an inclusive limit or within 1 mm below it. */
    private function atLimit(): ?string
    {
        $figure = $this->figure($this->get('seat.movement_max'), true);
        if ($figure === self::OPEN || ($figure === null && $this->practice !== 'us') || (is_array($figure) && $figure[1])) {
            return self::OPEN;
        }
        $limit = is_array($figure) ? $figure[0] : BigRational::of('25.4');
        foreach (self::DIRECTIONS as $direction) {
            $moved = $this->measured("setup.movement.{$direction}");
            if ($moved !== null && $moved->isLessThanOrEqualTo($limit) && $moved->isGreaterThanOrEqualTo($limit->minus(1))) {
                return 'advise';
            }
        }

        return null;
    }

    private function isRead(): bool
    {
        return $this->get('setup.angle') !== null || $this->get('setup.indicator') !== null || $this->get('setup.zone') !== null;
    }

    private function notLevel(): ?string
    {
        return $this->isRead() && $this->get('setup.level_ground') === false ? 'ask' : ($this->get('setup.level_ground') === true || ! $this->isRead() ? null : self::OPEN);
    }

    /** @return array<string, string|null> */
    private function recline(): array
    {
        $none = ['measure.too_upright' => null, 'measure.too_flat' => null];
        if ($this->get('setup.level_ground') !== true) {
            return $none;
        }
        [$least, $most] = [$this->figure($this->ofMode('angle_min'), false), $this->figure($this->ofMode('angle_max'), true)];
        if ($least === self::OPEN || $most === self::OPEN) {
            return ['measure.too_upright' => self::OPEN, 'measure.too_flat' => self::OPEN];
        }
        $angle = $this->measured('setup.angle');
        if ($angle !== null && $this->text('setup.angle_from') === 'horizontal') {
            $angle = BigRational::of(90)->minus($angle);
        }
        $indicator = $this->text('setup.indicator');
        $upright = $indicator === 'too_upright' || ($angle !== null && is_array($least) && $angle->isLessThan($least[0]));
        $flat = $indicator === 'too_flat' || ($angle !== null && is_array($most) && $angle->isGreaterThan($most[0]));
        $allowed = $this->ofMode('upright_when_sits') === true;

        return [
            'measure.too_upright' => $upright && ! ($allowed && $this->get('child.sits_unaided') === true)
                ? ($allowed && $this->get('child.sits_unaided') === null ? self::OPEN : 'fix')
                : null,
            'measure.too_flat' => $flat ? 'fix' : null,
        ];
    }

    /** Any row that names the setting and covers the weight passes; a setting that no row names is a fault whatever the weight. */
    private function reclineSetting(): ?string
    {
        $rows = $this->ofMode('recline');
        $setting = $this->get('setup.recline_setting');
        if (! is_array($rows) || $rows === [] || ! is_int($setting)) {
            return null;
        }
        $naming = array_filter($rows, static fn(mixed $row): bool => in_array($setting, (array) self::in($row, 'settings'), true));
        $weight = $this->measured('child.weight');
        $covered = [];
        foreach ($naming as $row) {
            $covered[] = $this->breaks($weight, self::in($row, 'weight_min'), false, $this->held) === false
                && $this->breaks($weight, self::in($row, 'weight_max'), true, $this->held) === false;
            if ($weight === null && (self::in($row, 'weight_min') ?? self::in($row, 'weight_max')) !== null && ! in_array(true, $covered, true)) {
                return self::OPEN;
            }
        }

        return in_array(true, $covered, true) ? null : 'fix';
    }

    private function foot(): ?string
    {
        $wanted = $this->ofMode('foot');
        $seen = $this->text('setup.foot');

        return $wanted !== null && $seen !== null && $seen !== $wanted ? 'fix' : null;
    }

    /** By the seat's own figure, else four fifths of the base on the cushion. */
    private function overhang(): ?string
    {
        if ($this->isBooster() || $this->held === null || $this->held === 'nothing') {
            return self::OPEN;
        }
        $figure = $this->figure($this->get('seat.overhang_max'), true);
        $over = $this->measured('setup.overhang');
        if ($figure === self::OPEN) {
            return self::OPEN;
        }
        if (is_array($figure)) {
            return $over !== null && $over->isGreaterThan($figure[0]) ? 'fix' : null;
        }
        $share = $this->get('setup.base_on_cushion');
        $length = $this->measured('seat.base_length');
        if (is_int($share) || is_float($share)) {
            return BigRational::of((string) $share)->isLessThan('4/5') ? 'fix' : null;
        }

        return $over !== null && $length !== null && $over->isGreaterThan($length->dividedBy(5)) ? 'fix' : null;
    }

    /** Called for by a forward harness, by the seat, or by its standard. */
    private function tetherUnused(bool $rear): ?string
    {
        if ($this->get('setup.tether.used') !== false || $this->here('tether_anchor') !== true) {
            return null;
        }

        return ! $rear || $this->demandsTether() === true ? 'fix' : null;
    }

    /** @return array<string, string|null> */
    private function parts(): array
    {
        $fitted = $this->words('setup.parts_fitted');
        $required = $this->words("seat.modes.{$this->mode}.parts_required") ?? [];
        $forbidden = $this->words("seat.modes.{$this->mode}.parts_forbidden") ?? [];

        return [
            'measure.part_required' => $fitted !== null && array_diff($required, $fitted) !== [] ? 'fix' : null,
            'measure.part_forbidden' => $fitted !== null && array_intersect($forbidden, $fitted) !== [] ? 'fix' : null,
            'measure.side_pod' => $this->sidePod(),
        ];
    }

    private function sidePod(): ?string
    {
        $wish = $this->text('seat.side_pod');
        $out = $this->text('setup.side_pod');
        if ($wish === null || $out === null) {
            return null;
        }
        $center = str_ends_with($this->text('setup.position') ?? 'C', 'C');

        return $wish === 'door_side' && $center ? self::OPEN : ($out === $wish ? null : 'fix');
    }

    private function wedge(bool $rear): ?string
    {
        $wedge = $this->text('setup.wedge');
        if ($wedge === null || $wedge === 'none') {
            return null;
        }

        return $rear ? ($this->get('seat.wedge_ok') === false ? 'fix' : null) : 'fix';
    }
}
