<?php

declare(strict_types=1);

namespace App\Feed;

use App\Http\ApiResource;
use LowPoint\Core\Feed\ToldBall;

/**
 * A ball of a made-up student, as a device sends it. Its shape is that of the core.
 *
 * @phpstan-import-type FeedBallShape from ToldBall
 * @phpstan-type MadeUpBallShape FeedBallShape
 */
final class MadeUpBallResource extends ApiResource {}
