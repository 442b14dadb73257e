<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Measuring\Marks;
use LowPoint\Core\Measuring\Picture;
use LowPoint\Core\Measuring\Trace;

/** What was marked in a picture or over frames, as a question (handbook 11.3). */
final readonly class MeasureRequest
{
    private const COMMON = ['kind', 'target', 'click_sd_px', 'size', 'level', 'upright', 'scale'];

    private const OF_KIND = ['picture' => ['points'], 'trace' => ['fps', 'ball', 'address_lean_deg', 'frames']];

    private function __construct(public Picture|Trace $answer) {}

    /** @throws InvalidInput with what is wrong */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @return array<string, mixed> figures of a picture; of frames those, and the fitted arc in the picture */
    public function toArray(): array
    {
        return $this->answer instanceof Trace
            ? ['trace' => $this->answer->toArray(), 'arc' => $this->answer->arcPx]
            : $this->answer->toArray();
    }

    /** @throws InvalidInput with what is wrong */
    public static function fromValue(mixed $data): self
    {
        if (! \is_array($data) || array_is_list($data)) {
            throw InvalidInput::one('request', $data, 'an object with kind, picture or trace, and what was marked');
        }
        $kind = $data['kind'] ?? null;
        if (! \is_string($kind) || ! isset(self::OF_KIND[$kind])) {
            throw InvalidInput::one('kind', $kind, implode(', ', array_keys(self::OF_KIND)));
        }
        $keys = [...self::COMMON, ...self::OF_KIND[$kind]];
        foreach (array_keys($data) as $key) {
            if (! \in_array($key, $keys, true)) {
                throw InvalidInput::one((string) $key, 'unknown key', 'one of the keys '.implode(', ', $keys));
            }
        }
        $marks = Marks::read($data);
        if ($kind === 'picture') {
            $points = $data['points'] ?? [];
            if (! \is_array($points) || ($points !== [] && array_is_list($points))) {
                throw InvalidInput::one('points', $points, 'an object with: '.implode(', ', Picture::POINTS));
            }

            return new self(Picture::of($marks, $points));
        }
        $frames = $data['frames'] ?? null;
        if (! \is_array($frames) || ! array_is_list($frames)) {
            throw InvalidInput::one('frames', $frames, 'a list of frames with n, head and grip');
        }

        return new self(Trace::of($marks, $data['ball'] ?? null, $data['fps'] ?? null, $frames, $data['address_lean_deg'] ?? null));
    }
}
