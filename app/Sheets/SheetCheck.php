<?php

declare(strict_types=1);

namespace App\Sheets;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Write;

/**
 * What a sheet would come to, told before anything is stored.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type BallSeenShape from \LowPoint\Core\Evidence\SeenBall
 * @phpstan-type SheetCheckShape array{
 *     balls: int,
 *     left_out: int,
 *     refused: int,
 *     days: int,
 *     first: string|null,
 *     last: string|null,
 *     // What is wrong, each once, with the first rows that have it.
 *     faults: list<array{message: ToldShape, rows: list<int>, count: int}>,
 *     shown: list<array{row: int, at: string, seen: BallSeenShape}>,
 * }
 */
final class SheetCheck
{
    private const FAULTS_TOLD = 50;

    private const ROWS_TOLD = 8;

    private const SHOWN = 8;

    /** @return SheetCheckShape */
    public function of(SheetPlan $plan): array
    {
        $told = ['balls' => 0, 'left_out' => 0, 'refused' => 0, 'shown' => []];
        $days = $faults = [];
        foreach ($plan->rows(0, []) as $number => $row) {
            if ($row === null) {
                $told['left_out']++;
            } elseif ($row instanceof InvalidInput) {
                $told['refused']++;
                foreach ($row->faults as $fault) {
                    $faults = $this->with($faults, $fault->message(), $number);
                }
            } else {
                $told['balls']++;
                $days[(string) $row->at?->format('Y-m-d')] = true;
                if (\count($told['shown']) < self::SHOWN) {
                    $told['shown'][] = [
                        'row' => $number,
                        'at' => (string) $row->at?->format(DATE_ATOM),
                        'seen' => Write::record($row->ball),
                    ];
                }
            }
        }
        $days = array_keys($days);

        return [
            ...$told,
            'faults' => array_values($faults),
            'days' => \count($days),
            'first' => $days === [] ? null : min($days),
            'last' => $days === [] ? null : max($days),
        ];
    }

    /**
     * The same fault in many rows is told once, with the first of them.
     *
     * @param  array<string, array{message: string, rows: list<int>, count: int}>  $faults
     * @return array<string, array{message: string, rows: list<int>, count: int}>
     */
    private function with(array $faults, string $message, int $row): array
    {
        if (isset($faults[$message]) || \count($faults) < self::FAULTS_TOLD) {
            $faults[$message] ??= ['message' => $message, 'rows' => [], 'count' => 0];
            $faults[$message]['count']++;
            if (\count($faults[$message]['rows']) < self::ROWS_TOLD) {
                $faults[$message]['rows'][] = $row;
            }
        }

        return $faults;
    }
}
