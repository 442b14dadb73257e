<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** Writes records as what Read reads back as equal ones: what is as it would be unsaid is left out. */
final class Write
{
    /** @return array<string, mixed> */
    public static function record(object $record): array
    {
        $written = [];
        foreach (Layout::of($record::class)->slots as $key => $slot) {
            $held = $record->{$slot->property};
            if ($held !== null && ($slot->told->always || $slot->required || $held !== $slot->unsaid)) {
                $written[$key] = $slot->kind->write($held);
            } elseif ($slot->told->nullSays !== null && $record->{$slot->told->nullSays} === true) {
                $written[$key] = null;
            }
        }

        return $written;
    }
}
