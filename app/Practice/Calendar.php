<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Plan;
use App\Models\PlanSession;
use Sabre\VObject\Component\VCalendar;

/** A plan as a calendar file (RFC 5545). The UID of a visit never changes; its SEQUENCE counts the changes. */
final class Calendar
{
    public static function of(Plan $plan): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Low Point//Practice plan//EN', 'METHOD' => 'PUBLISH', 'X-WR-CALNAME' => 'Practice']);
        /** @var PlanSession $session */
        foreach (PlanSession::withTrashed()->where('plan_id', $plan->id)->orderBy('day')->get() as $session) {
            $lines = array_map(
                static fn(array $item): string => "{$item['name']}, {$item['minutes']} min, {$item['mode_text']}",
                $session->items,
            );
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "{$session->id}@low-point",
                'SEQUENCE' => (string) $session->sequence,
                'DTSTAMP' => $session->updated_at->utc(),
                'SUMMARY' => "Practice, {$session->minutes()} min",
                'DESCRIPTION' => implode("\n", $lines),
                'STATUS' => $session->deleted_at === null ? 'CONFIRMED' : 'CANCELLED',
                'TRANSP' => 'TRANSPARENT',
            ]);
            // A day, not an hour: the student chooses the hour.
            $event->add('DTSTART', $session->day->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('DTEND', $session->day->copy()->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
