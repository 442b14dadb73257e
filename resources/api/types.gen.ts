// Made from contract/openapi.json by contract/types.js; do not edit.

export interface paths {
    "/api/academy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The academy and who works in it. */
        get: operations["academy.show"];
        /** Its name, the school in which each shot is taught, and whether a second factor is asked of all. */
        put: operations["academy.put"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/audit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who did what, the latest first, a page at a time. */
        get: operations["academy.audit"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/audit.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** All of it as a sheet, the oldest first. */
        get: operations["academy.audit-sheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/calibration": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Its constants, those that were changed, and when and why they were. */
        get: operations["calibration.show"];
        /** Another calibration from now on, for all readings of the academy; with a reason. */
        put: operations["calibration.put"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/coaches/{coach}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Gives a coach another role, or lets him go:
         * @description who has left signs in no more, and his students wait to be handed over.
         */
        put: operations["academy.put-coach"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/coaches/{coach}/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The same of a coach of the academy, for its lead. */
        get: operations["archive.of-coach"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/coaches/{coach}/students": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The students of one coach, by name, a page at a time. */
        get: operations["academy.students"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/ledger": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What was learned at last, in sentences, and whether readings go by it. */
        get: operations["ledger.show"];
        /** Whether readings may go by what was learned, where it proves itself. */
        put: operations["ledger.put"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/ledger.jsonl": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The ledger, a line a piece of work that came to an end; whose it was stands nowhere in it. */
        get: operations["ledger.lines"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/ledger/learn": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Learns now and not at night, beside the web server. */
        post: operations["ledger.learn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/links": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Links that still open something. */
        get: operations["account-link.index"];
        put?: never;
        /** Makes a link; its path is told now and never again. */
        post: operations["account-link.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/links/{accountLink}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Closes a link that was not used. */
        delete: operations["account-link.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/academy/outlook": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Coaches with what they do, and what becomes of the causes that are found. */
        get: operations["academy.outlook"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everything of the coach in open formats, as a zip. */
        get: operations["archive.show"];
        put?: never;
        /** Reads an archive back into an empty account, beside the web server. */
        post: operations["archive.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/archive/readings/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How far it has come. */
        get: operations["archive.reading"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What was deleted in the last 30 days and can come back. */
        get: operations["bin.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bin/lessons/{lesson}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Brings a deleted lesson back. */
        post: operations["bin.restore-lesson"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bin/students/{student}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Brings a deleted student back. */
        post: operations["bin.restore-student"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blind-cases": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The cases, without a word of what they are. */
        get: operations["blind-cases.show"];
        put?: never;
        /** What the coach said, what the reading names and what it was, once he has said something of each; nothing of it is kept. */
        post: operations["blind-cases.judge"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/catalogue": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every closed list, label and range a screen needs, from the core, so that none is written twice. */
        get: operations["catalogue"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/doors/{token}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What a link opens, for whoever holds it. */
        get: operations["account-link.door"];
        put?: never;
        /** Goes through, once, and signs in. */
        post: operations["account-link.enter"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/feed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Takes balls in, a JSON array or a ball a line; the same id twice is stored once.
         * @description A ball with a time belongs to what the device was joined to then; where the header Date tells the device's clock, what that is off is taken from the times.
         */
        post: operations["feed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/feed-devices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** All devices of the coach that were not revoked. */
        get: operations["feed-device.index"];
        put?: never;
        /** Makes a device; its token is told now and never again. */
        post: operations["feed-device.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/feed-devices/{device}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Revokes a device:
         * @description its token opens nothing any more.
         */
        delete: operations["feed-device.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/feed-devices/{device}/lesson": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Joins a device to a lesson; null = to none.
         * @description Its balls are that lesson's from now on.
         */
        put: operations["feed-device.join"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/feed-devices/{device}/student": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Joins a device to what a student practises; null = to nothing.
         * @description What waited from earlier is set aside.
         */
        put: operations["drill-feed.join"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/first-start": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whether nobody has an account here yet. */
        get: operations["account.first-start"];
        put?: never;
        /** Makes the first account, and signs it in; refused as soon as there is one. */
        post: operations["account.make-first"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/health": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * How the installation does:
         * @description for the lead of the academy that came first.
         */
        get: operations["health"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The lesson with all its sets, each with its reading. */
        get: operations["lesson.show"];
        /** Begins, changes or closes the lesson with this id. */
        put: operations["lesson.put"];
        post?: never;
        /** Deletes a lesson; for 30 days it can be brought back. */
        delete: operations["bin.delete-lesson"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/comparison": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What changed from the first set of a lesson to the last, and how sure that is. */
        get: operations["comparison"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/confirmed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** The cause it was, that nothing was wrong, or not said any more. */
        put: operations["prescription.confirm"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/feed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Balls of a lesson that wait for their strike, and the devices joined to it. */
        get: operations["feed-device.of-lesson"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/feed/made-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A ball of a made-up student, for the stand-in of a device to send. */
        get: operations["feed-device.made-up"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/feed/{feedBall}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Sets a waiting ball aside:
         * @description it was none of this lesson.
         */
        delete: operations["feed-device.set-aside"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/history": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * All changes of a lesson in words, the latest first:
         * @description its task, looks, balls and what was handed out.
         */
        get: operations["history.of-lesson"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/prescription": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Hands out a prescription:
         * @description the cause, one feel and at most two drills. It replaces an earlier one of this lesson.
         */
        put: operations["prescription.put"];
        post?: never;
        /** Takes back what was handed out; what stood there before stands again. */
        delete: operations["prescription.take-back"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/report": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * A lesson on one page:
         * @description as PDF, or with ?as=print as the page the PDF is made of.
         */
        get: operations["report"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/sets/{set}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Merges what was seen into the set with this id, making it when new:
         * @description a key with null takes the observation back, an absent key leaves it, so that two devices on one lesson do not wipe out each other's entries.
         */
        put: operations["ball-set.put"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/sets/{set}/balls/{ball}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Stores the ball with this id:
         * @description the same one twice is stored once, a changed one is a correction, a removed one comes back.
         */
        put: operations["ball.put"];
        post?: never;
        /** Takes the ball out of the set; it is kept and can be put back. */
        delete: operations["ball.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/sets/{set}/balls/{ball}/history": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** All changes of a ball, the first first. */
        get: operations["history.of-ball"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/sets/{set}/case": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One set of balls as an open case file. */
        get: operations["case-file"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/sets/{set}/causes/{cause}/prescription": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * What the core would prescribe for this cause, made out for this set.
         * @description Nothing is stored.
         */
        get: operations["prescription.propose"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/sets/{set}/drills": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every drill there is for this shot and student, made out for this set, for a coach who goes his own way. */
        get: operations["prescription.drills"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/sets/{set}/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * "What if":
         * @description another set-up, club or lie in the model. Nothing is stored.
         */
        post: operations["trial"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/stills": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keeps one; sent twice it is kept once.
         * @description One picture of a lesson goes into its report: the one that was said last.
         */
        post: operations["still.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lessons/{lesson}/stills/{still}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The picture itself. */
        get: operations["still.show"];
        put?: never;
        post?: never;
        /** Takes it out, the file too. */
        delete: operations["still.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/library": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Causes, drills and schools, to read up on, in the coach's units. */
        get: operations["library"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The coach who is signed in. */
        get: operations["session.show"];
        /** Name, units, clubs, and how he likes to begin; what is not named stays as it is. */
        put: operations["account.put"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/asked-first": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How often the coach, asked first, named what the reading did, and who was right where they did not agree. */
        get: operations["asked-first.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/email": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Another address to sign in with, for who knows the password. */
        put: operations["account.change-email"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Another password, for who knows the old one; all other sessions end. */
        put: operations["account.change-password"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/sample": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Made-up students with lessons, to look round in. */
        put: operations["sample.take"];
        post?: never;
        /** Takes the made-up students out, for good. */
        delete: operations["sample.leave"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/second-factor": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * A code of it was said:
         * @description from now on it is asked for. The codes for the day the device is lost are told once.
         */
        put: operations["second-factor.turn-on"];
        /** Makes a secret, for who knows the password; told now and never again, in force once a code of it was said. */
        post: operations["second-factor.begin"];
        /** Takes it away, for who knows the password and has said a code. */
        delete: operations["second-factor.turn-off"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/second-factor/code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Says a code once more, for what is asked it again; it holds for some minutes. */
        post: operations["second-factor.say"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/measure/made-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Made-up swings to try it on:
         * @description films of which the truth is known.
         */
        get: operations["measure.made-up"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/measure/picture": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A face-on picture at address. */
        post: operations["measure.picture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/measure/trace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The clubhead over frames round the strike. */
        post: operations["measure.trace"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/own": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What the coach keeps of his own. */
        get: operations["own-way.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/own/cards/{card}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Keeps a card of the coach's own. */
        put: operations["own-way.put-card"];
        post?: never;
        /** Takes a card away; what was handed out from it stays. */
        delete: operations["own-way.delete-card"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/own/drills/{drill}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Keeps a drill of the coach's own and shows it as it will be handed out. */
        put: operations["own-way.put-drill"];
        post?: never;
        /** Takes a drill away; where it was handed out it stays. */
        delete: operations["own-way.delete-drill"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/ping": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * The cheapest answer there is:
         * @description says that the server is up, and what others are measured against.
         */
        get: operations["ping"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/reports": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Makes the reports of many lessons, beside the web server. */
        post: operations["report-batch.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/reports/{batch}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How far they have come. */
        get: operations["report-batch.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/reports/{batch}/zip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The reports as a zip. */
        get: operations["report-batch.download"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/schema/case": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The JSON Schema of the open case format. */
        get: operations["schema"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Where the coach is signed in, the latest first. */
        get: operations["session.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/others": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Ends all other sessions of the coach; devices that are remembered have to sign in again. */
        delete: operations["session.end-others"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{key}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Ends another session of the coach.
         * @description No device is remembered from then on but the one that asks: the others stay signed in while their sessions last.
         */
        delete: operations["session.end"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shared/{token}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The student's page. */
        get: operations["shared.show"];
        put?: never;
        post?: never;
        /**
         * The student's right:
         * @description what the student logged goes at once, and the door closes. Lessons are the coach's to erase.
         */
        delete: operations["shared.erase"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shared/{token}/export": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everything the page knows of the student, in one file. */
        get: operations["shared.export"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shared/{token}/notes/{note}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Says it, once, however often it is sent. */
        put: operations["practice-note.put"];
        post?: never;
        /** Takes it back. */
        delete: operations["practice-note.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shared/{token}/practice.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The plan as a calendar file. */
        get: operations["shared.calendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shared/{token}/results/{result}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Logs one run of a drill. */
        put: operations["shared.put-result"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shared/{token}/trail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** For the student, or the guardian, who holds a link. */
        get: operations["student-trail.of-link"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sheet-presets/{preset}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Forgets what a sheet's columns hold. */
        delete: operations["sheet.forget-preset"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sheets/{import}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How far a sheet was read. */
        get: operations["sheet.show"];
        put?: never;
        post?: never;
        /** A draft goes; of a sheet that was read, the lessons go where deleted lessons go, and can come back from there. */
        delete: operations["sheet.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sheets/{import}/check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What the sheet would come to; nothing is stored. */
        post: operations["sheet.check"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sheets/{import}/confirm": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Reads the sheet into lessons, beside the web server. */
        post: operations["sheet.confirm"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sheets/{import}/go-on": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * After a stop:
         * @description from the row that comes next.
         */
        post: operations["sheet.go-on"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sheets/{import}/stop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Stops reading; what was read is stored and can be taken back. */
        post: operations["sheet.stop"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shots/brush": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Practice brushes on a slope, and where the ball belongs. */
        post: operations["shot.brush"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shots/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ways of playing a shot, by what they leave. */
        post: operations["shot.plan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shots/sand": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How to set up for a ball in sand. */
        post: operations["shot.sand"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-in": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs a coach in. */
        post: operations["session.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sign-out": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs out; the session is gone. */
        post: operations["session.destroy"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The students of the coach and those shared with him, by name, a page at a time; the header Link says where the next one is. */
        get: operations["student.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A student with the latest lessons. */
        get: operations["student.show"];
        /** Adds or changes the student with this id, made by the device. */
        put: operations["student.put"];
        post?: never;
        /** Deletes a student; for 30 days it can be brought back. */
        delete: operations["bin.delete-student"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/brushes/{brush}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Keeps where a student's brush began on a slope; the same id twice is kept once. */
        put: operations["shot.keep-brush"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/consents": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** All of a student, the latest first; those withdrawn too. */
        get: operations["consent.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/consents/{consent}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Records one; the same id twice is recorded once. */
        put: operations["consent.put"];
        post?: never;
        /**
         * Withdraws it:
         * @description links are revoked, pictures are deleted; that it was given stays on record.
         */
        delete: operations["consent.withdraw"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/distances": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How far a student hits what, from his logged balls. */
        get: operations["shot.distances"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/feed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The devices of the coach, and balls that were not counted yet. */
        get: operations["drill-feed.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/feed/made-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A ball of a made-up student, for the stand-in of a device to send. */
        get: operations["drill-feed.made-up"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/feed/{feedBall}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * A ball was counted, or is to be left out:
         * @description it waits no longer. Said twice it is the same.
         */
        delete: operations["drill-feed.counted"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/for-good": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * On a student's written request:
         * @description at once, for good, with a receipt.
         */
        delete: operations["bin.erase"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/hand-over": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Another coach has the student from now on. */
        post: operations["student-share.hand-over"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/links": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** All links of a student. */
        get: operations["share-link.index"];
        put?: never;
        /** Makes a link; its path is told now and never again. */
        post: operations["share-link.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/links/{link}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Revokes a link. */
        delete: operations["share-link.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/links/{link}/restore": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Opens a link again that was revoked by mistake; one that has run out stays closed. */
        post: operations["share-link.restore"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Makes a plan of practice from what was handed out; it replaces the one before. */
        put: operations["practice.put-plan"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/plan/sessions/{session}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Moves a visit to another day. */
        put: operations["practice.move-session"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/practice": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What was handed out, the plan, and what was logged. */
        get: operations["practice.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/practice.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The plan as a calendar file. */
        get: operations["practice.calendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/progress": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** All of it, or the lessons of one shot and one lie. */
        get: operations["progress"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/results/{result}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Logs one run of a drill. */
        put: operations["practice.put-result"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/shares": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** With whom. */
        get: operations["student-share.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/shares/{coach}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Shares a student with a coach, or changes what that coach may do. */
        put: operations["student-share.put"];
        post?: never;
        /** Shares it no longer. */
        delete: operations["student-share.destroy"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/sheets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Sheets read for a student so far. */
        get: operations["sheet.index"];
        put?: never;
        /** Looks at the file; nothing of it goes into a lesson yet. */
        post: operations["sheet.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/stills": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * All stills of a student, the latest first:
         * @description to lay two of them side by side.
         */
        get: operations["still.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student}/trail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** For his coaches, the latest first, a page at a time. */
        get: operations["student-trail.of-student"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/today": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who needs attention, and who is to be looked at again. */
        get: operations["today"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        Academy: {
            id: string;
            name: string;
            /** @description Shot => the school it is taught in here; one that is not named goes by the lie. */
            schools: {
                [key: string]: "neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge";
            };
            /** @description By name, whoever asks among them. */
            coaches: components["schemas"]["Colleague"][];
            /** @description Of all its coaches. */
            asks_second_factor: boolean;
            /** @description The lead sees how the installation does. */
            keeps_installation: boolean;
        };
        AccountLink: {
            id: string;
            /** @description Of a new coach; null = for the password of one who is there. */
            role: ("lead" | "coach") | null;
            /** @description Whose password. */
            coach: string | null;
            made_at: string;
            expires_at: string;
            path?: string;
            mailed?: boolean;
        };
        Answer: {
            label: components["schemas"]["Told"];
            value: number | string;
        };
        ArchiveImport: {
            id: string;
            /** @enum {string} */
            state: "reading" | "done" | "refused";
            done: number;
            /** @description Rows. */
            total: number;
            message: components["schemas"]["Told"];
            /** @description It is to be read, and no worker answers. */
            helper_silent: boolean;
        };
        AskedFigure: {
            observable: ("ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish") | null;
            from: number | null;
            to: number | null;
            range?: [
                number,
                number
            ] | null;
            text?: string;
        };
        AskedFirst: {
            /** @description Sets in which he said what he thought. */
            answered: number;
            agreed: number;
            /** @description Of the others: those of which somebody said what it really was. */
            settled: number;
            coach_right: number;
            reading_right: number;
            sentences: components["schemas"]["Told"][];
        };
        Attempts: (boolean | number | [
            number,
            number
        ])[];
        Audit: {
            /** @description The latest first. */
            lines: components["schemas"]["AuditLine"][];
            next_page: number | null;
        };
        AuditLine: {
            id: string;
            at: string;
            /** @description Empty = whoever holds a link to the student's page. */
            coach: string;
            /** @enum {string} */
            deed: "signed_in" | "not_signed_in" | "email_changed" | "saw" | "saw_picture" | "changed" | "exported" | "erased" | "shared" | "unshared" | "handed_over" | "invited" | "joined" | "reset_made" | "came_in_by_link" | "password_changed" | "second_factor_on" | "second_factor_off" | "role_changed" | "left" | "came_back" | "schools_set" | "recalibrated" | "learning_switched";
            /** @description Empty where the student was erased since; null where it is about none. */
            student: string | null;
            about: {
                [key: string]: string;
            };
        };
        Ball: {
            id: string;
            seen: components["schemas"]["BallSeen"];
        };
        /** @description One ball as seen. Ground distances in mm, course distances in m. Null = not looked at, but see $noContact. */
        BallSeen: {
            /**
             * @description Strike
             * @enum {string}
             */
            strike?: "clean" | "heavy" | "chunk" | "thin" | "topped" | "skip" | "hosel" | "splash" | "short" | "left-in" | "picked";
            /** @description Null: it did not touch the ground. */
            touch_mm?: number | null;
            /**
             * @description Mark
             * @enum {string}
             */
            mark?: "none" | "brush" | "shallow" | "deep";
            /** @description Length of the mark, mm */
            mark_length_mm?: number;
            /**
             * @description Flight
             * @enum {string}
             */
            flight?: "low" | "expected" | "high";
            /** @description Start, degrees */
            start_deg?: number;
            /** @description Carry, m */
            carry_m?: number;
            /** @description Rolled, m */
            roll_m?: number;
            /** @description Left to the hole, m */
            finish_m?: number;
            /**
             * @description Roll
             * @enum {string}
             */
            roll?: "checks" | "normal" | "runs";
            /**
             * @description Sound
             * @enum {string}
             */
            sound?: "click" | "thud" | "scrape";
            /**
             * @description Sand flew
             * @enum {string}
             */
            sand_direction?: "left" | "target" | "right";
            note?: string;
        };
        BallSet: {
            id: string;
            purpose: components["schemas"]["Purpose"];
            setup: components["schemas"]["Observed"];
            motion: components["schemas"]["Observed"];
            /** @description Half of the 90 % interval of figures that were measured; the others were seen by eye. Answers kept long ago have none. */
            measured?: components["schemas"]["Measured"];
            /** @description How sure the student was before it, 1 to 10. */
            confidence: number | null;
            /** @description What the coach thought before he saw the reading: a cause, or none. Answers kept long ago do not say. */
            thought?: string | null;
            balls: components["schemas"]["Ball"][];
        };
        BinEntry: {
            /** @enum {string} */
            kind: "student" | "lesson";
            id: string;
            name: string;
            deleted_at: string;
            until: string;
        };
        BlindAnswer: {
            number: number;
            /** @description What the coach said, what the reading names, and what it was; null = nothing was said. */
            yours: components["schemas"]["Told"] | null;
            reading: components["schemas"]["Told"];
            was: components["schemas"]["Told"];
            yours_right: boolean;
            reading_right: boolean;
            reasons: components["schemas"]["Told"][];
        };
        BlindAnswers: {
            [key: string]: string | null;
        };
        BlindCase: {
            number: number;
            task: components["schemas"]["Told"];
            /** @description What was looked at. */
            looks: components["schemas"]["Told"][];
            balls: components["schemas"]["Told"][];
            could_be: components["schemas"]["BlindChoice"][];
        };
        BlindCases: {
            format: string;
            cases: components["schemas"]["BlindCase"][];
        };
        BlindChoice: {
            cause: string;
            name: components["schemas"]["Told"];
        };
        BlindResult: {
            text: components["schemas"]["Told"];
            yours: number;
            reading: number;
            same: number;
            of: number;
            cases: components["schemas"]["BlindAnswer"][];
        };
        Brush: {
            brushes_mm: number[];
            ball_position_pct: number;
            stance_width_mm: number;
            slope_deg?: number;
            /** @description Whose other slopes are known. */
            student_id?: string | null;
        };
        Brushed: {
            mean_mm: number;
            sd_mm: number;
            repeats: boolean;
            /** @description Of the stance; where the ball belongs while they repeat. */
            ball_position_pct: number;
            text: components["schemas"]["Told"];
            /** @description Slopes of the student that are kept, and from three on where he is to be expected on this one. */
            slopes: number;
            own: components["schemas"]["Told"] | null;
        };
        Calibrated: {
            by: string;
            reason: string;
            on: string;
        };
        Calibration: {
            constants: components["schemas"]["Constant"][];
            /** @description Key => figure, as it is now. */
            changes: {
                [key: string]: number;
            };
            /** @description The latest first. */
            history: {
                at: string;
                by: string;
                reason: string;
                changes: {
                    [key: string]: number;
                };
            }[];
        };
        CalibrationChanges: {
            [key: string]: number;
        };
        CaseFile: {
            format: string;
            student: {
                /** @enum {string} */
                handed: "right" | "left";
                limits: ("back" | "shoulder" | "elbow" | "wrist" | "hip" | "knee" | "balance" | "eyesight" | "under_14")[];
            };
            task: components["schemas"]["Task"];
            setup: components["schemas"]["Observed"];
            motion: components["schemas"]["Observed"];
            /** @description Of figures that were measured: half of the 90 % interval, in the unit of the figure. */
            measured?: components["schemas"]["Measured"];
            balls: components["schemas"]["BallSeen"][];
            /** @description What came before, the oldest first. */
            earlier?: {
                [key: string]: unknown;
            }[];
        };
        Catalogue: {
            shots: components["schemas"]["Shot"][];
            observables: components["schemas"]["Observable"][];
            task: {
                [key: string]: components["schemas"]["Field"];
            };
            club: {
                [key: string]: components["schemas"]["Field"];
            };
            ball: {
                [key: string]: components["schemas"]["Field"];
            };
            /** @description Figures of "which shot", and of a ball in sand. */
            plan: {
                [key: string]: components["schemas"]["Field"];
            };
            sand: {
                [key: string]: components["schemas"]["Field"];
            };
            schools: {
                /** @enum {string} */
                id: "neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge";
                name: components["schemas"]["Told"];
                idea: components["schemas"]["Told"];
            }[];
            limits: {
                /** @enum {string} */
                id: "back" | "shoulder" | "elbow" | "wrist" | "hip" | "knee" | "balance" | "eyesight" | "under_14";
                name: components["schemas"]["Told"];
            }[];
            causes: components["schemas"]["Named"][];
            purposes: {
                /** @enum {string} */
                id: "before" | "after" | "retest";
                title: components["schemas"]["Told"];
                short: components["schemas"]["Told"];
            }[];
            /** @description What drills ask for, in their words. */
            equipment: {
                id: string;
                name: components["schemas"]["Told"];
            }[];
            /** @description To practise on. */
            grounds: string[];
            /** @description Days by weekday (1 = Monday) in minutes; minutes of one day more. */
            usual_plan: {
                days: {
                    [key: string]: number;
                };
                minutes: number;
                grounds: string[];
                weeks: number;
            };
            /** @description Quick picks; any other loft and bounce can be typed. */
            clubs: {
                loft_deg: number;
                bounce_deg: number;
            }[];
            /** @description Where nothing was asked yet. */
            first_task: components["schemas"]["Task"];
            first_ground: {
                edge_m: number;
                hole_m: number;
                behind_m: number;
                stimp: number;
                /** @description A step where it is paced, an obstacle where one is put up. */
                step_m: number;
                obstacle_m: number;
            };
            first_sand: {
                lip_height_m: number;
                lip_distance_m: number;
                carry_m: number;
                room_m: number;
                club: {
                    loft_deg: number;
                    bounce_deg: number;
                };
            };
            /** @description How a ball may lie in sand. */
            in_sand: {
                /** @enum {string} */
                id: "normal" | "down" | "plugged";
                name: components["schemas"]["Told"];
            }[];
            /** @description Practice brushes: how many are tapped at least and at most, and for which slope first. */
            brush: {
                least: number;
                most: number;
                slope_deg: number;
                caution: components["schemas"]["Told"];
            };
            /** @description Half of the middle eight in ten of what scatters, in standard deviations. Answers kept long ago do not say. */
            middle_sd?: number;
            most: {
                drills: number;
                sure: number;
                text: number;
                reports: number;
            };
        };
        Caution: {
            /** @enum {string} */
            id: "ball_near_edge" | "rolled" | "ball_small" | "slow_frames" | "no_level" | "no_scale";
            text: components["schemas"]["Told"];
        };
        Cell: {
            club: string;
            backswing: string;
            mean_m: number;
            sd_m: number;
            /** @description 0 where it is fitted. */
            n: number;
            /** @description 90 %. */
            low_m: number;
            high_m: number;
            /** @enum {string} */
            source: "measured" | "fitted";
        };
        Change: {
            at: string;
            by: string | null;
            what: string;
            text: components["schemas"]["Told"];
        };
        ChangeEmail: {
            now: string;
            email: string;
        };
        ChangePassword: {
            now: string;
            password: string;
        };
        Chart: {
            chart: components["schemas"]["Cell"][];
            for_target: components["schemas"]["Target"][];
            /** @description Scatter of a length as a share of its carry; null with too few balls. */
            spread_pct: number | null;
            /** @description How far the nearest length is off the target; null without one. */
            bias_m: number | null;
            finding: {
                id: string;
                text: components["schemas"]["Told"];
            };
        };
        Club: {
            name?: string;
            loft_deg: number;
            bounce_deg: number;
        };
        Coach: {
            id: string;
            /** @enum {string} */
            role: "lead" | "coach";
            name: string;
            email: string;
            units: components["schemas"]["Units"];
            /** @description His own clubs; null = the usual ones. */
            bag: components["schemas"]["Club"][] | null;
            /** @description Shot => how he begins with it, as far as he said. */
            usual: components["schemas"]["Usual"];
            /** @description At hand, in the words of the drills; null = all of it. */
            equipment: string[] | null;
            /** @description As "Europe/Berlin"; null = as his device. */
            timezone: string | null;
            /** @description 1 = Monday. */
            week_starts: number;
            keeps_stills: boolean;
            /** @description He says what he thinks before a reading is shown. Answers kept long ago do not say. */
            asks_first?: boolean;
            /** @description By which devices know whose entries wait; stays when the address changes. */
            owner_key: string;
            /** @description A code is asked of him beside the password. Answers kept long ago do not say. */
            second_factor?: boolean;
            /** @description His academy asks it of all, and he has none: exports, erasing, links of children and the like are closed to him. */
            second_factor_missing?: boolean;
            /** @description Of the strike model, where his academy has another one than ships: for readings without a connection. */
            calibration: {
                changes: {
                    [key: string]: number;
                };
                by: string;
                reason: string;
                on: string;
            } | null;
            /** @description What it has learned and goes by, for the same. Answers kept long ago do not say. */
            correction?: components["schemas"]["Learned"] | null;
        };
        CoachAtWork: {
            id: string;
            name: string;
            email: string;
            /** @enum {string} */
            role: "lead" | "coach";
            left: boolean;
            students: number;
            lessons_this_month: number;
            /** @description Students whose day to look again is over. */
            overdue: number;
        };
        Colleague: {
            id: string;
            name: string;
            /** @enum {string} */
            role: "lead" | "coach";
            left: boolean;
            second_factor: boolean;
        };
        Comparison: {
            /** @description "2 of 7, then 5 of 7 clean"; null while nothing was hit. */
            text: components["schemas"]["Told"] | null;
            /** @description How sure it is that they differ; null with one set. */
            sure: components["schemas"]["Told"] | null;
            /** @description The same sentences with their figures. */
            statements: components["schemas"]["Statement"][];
        };
        Confirmed: {
            confirmed: string | null;
        };
        Consent: {
            id: string;
            /** @enum {string} */
            purpose: "still" | "link";
            given_by: string;
            given_at: string;
            /** @description Null while it stands. */
            withdrawn_at: string | null;
        };
        Constant: {
            key: string;
            /** @description A lie, or all of them. */
            of: components["schemas"]["Told"];
            label: components["schemas"]["Told"];
            unit: string;
            standard: number;
            min: number;
            max: number;
        };
        Counting: {
            /** @description The state after a hit, or after a ball that is measured; and after a miss. */
            hit: number[];
            miss: number[];
            /** @description Nothing counted from here on could change the run. */
            over: boolean[];
            /** @description Hits in a row; the rung of a ladder, and of its block that was begun the balls and the hits. */
            row: number[];
            rung: number[];
            block: number[];
            good: number[];
            /** @description What the next ball is measured against: the place of a part, or of a target number. */
            part: number[];
        };
        CoursePoint: {
            lesson: string;
            set: string;
            at: string;
            purpose: components["schemas"]["Purpose"];
            setup: components["schemas"]["Observed"];
            card: {
                [key: string]: [
                    number,
                    number
                ];
            };
            confidence?: number;
            good: components["schemas"]["GoodRate"];
            /** @description Balls without ground contact: they have no touch. */
            censored?: number;
            touch?: components["schemas"]["Estimate"];
            /** @description Only where drawn lengths tell it. */
            low_point?: components["schemas"]["Estimate"];
            carry_error?: components["schemas"]["Estimate"];
        };
        /** @enum {string} */
        DayOrder: "ymd" | "dmy" | "mdy";
        DeleteBall: {
            from?: components["schemas"]["FromDevice"];
        };
        Direction: {
            /** @enum {string} */
            observable: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
            /** @enum {string} */
            to: "more" | "less" | "range";
        };
        Distances: {
            distances: components["schemas"]["Chart"];
            /** @description Clean balls with a carry that are in no chart: the length of the swing was not noted. */
            unplaced: number;
        };
        Door: {
            academy: string;
            /** @description Whose password is to be made anew; null = a new coach comes in. */
            coach: {
                name: string;
                email: string;
            } | null;
            expires_at: string;
        };
        Dose: {
            sets: number;
            balls: number;
            minutes: number;
        };
        Drawn: {
            kind: string;
            /** @description Mm from the ball, toward the target. */
            x: number;
            /** @description Mm from the target line, toward the player. */
            y: number;
            to_x?: number;
            to_y?: number;
            label?: string;
        };
        DrawnSet: {
            id: string;
            purpose: components["schemas"]["Purpose"];
            text: components["schemas"]["Told"];
            good: components["schemas"]["GoodRate"];
            as_asked: {
                count: number;
                of: number;
            };
            censored: number;
            touch: components["schemas"]["Estimate"] | null;
            low_point: components["schemas"]["Estimate"] | null;
            carry_error: components["schemas"]["Estimate"] | null;
            window: [
                number,
                number
            ] | null;
            card: {
                [key: string]: [
                    number,
                    number
                ];
            };
            /** @description Its balls, to draw them. */
            marks: {
                touch: number | null;
                strike: string;
            }[];
        };
        DrillCourse: {
            drill: string;
            name: components["schemas"]["Told"];
            at: string;
            passed: boolean;
            text: components["schemas"]["Told"];
            confidence: number | null;
            figure: number;
            figure_name: components["schemas"]["Told"];
            is_share: boolean;
            /** @description What passes. */
            mark: number | null;
        };
        DrillFeed: {
            devices: components["schemas"]["FeedDevice"][];
            /** @description In the order in which they were hit; when they came by the clock of the server. */
            waiting: {
                id: string;
                came_at: string;
                doubt: boolean;
                figures: {
                    [key: string]: number;
                };
            }[];
            /** @description That wait beyond those. */
            more: number;
        };
        DrillHandout: {
            id: string;
            name: components["schemas"]["Told"];
            purpose: components["schemas"]["Told"];
            equipment: components["schemas"]["Told"][];
            grounds: string[];
            steps: components["schemas"]["Told"][];
            trade: {
                better: components["schemas"]["Told"];
                worse: components["schemas"]["Told"];
            };
            distances: components["schemas"]["Told"][];
            picture: components["schemas"]["Drawn"][];
            dose: components["schemas"]["Dose"];
            pass: components["schemas"]["Pass"];
            goal: components["schemas"]["Goal"];
            /** @description Ways in which it can be scored. */
            kinds?: ("count" | "streak" | "ladder" | "error" | "timed" | "free" | "stations" | "contrast")[];
            easier: components["schemas"]["Told"];
            harder: components["schemas"]["Told"];
            feel: components["schemas"]["Told"];
            cautions: components["schemas"]["Told"][];
        };
        DrillOutcome: {
            name: string;
            students: number;
            /** @description Fixed, of those who had the drill and were judged; null = too few. */
            fixed: components["schemas"]["OutcomeShare"] | null;
            /** @description ... of those with the same cause and shot who did not have it. */
            without: components["schemas"]["OutcomeShare"] | null;
            /** @description That more are fixed with it than without, were nothing else different; null where either are too few. */
            probability: number | null;
        };
        /** @description A part of the picture of a coach's own drill, and where it lies. */
        DrillPart: {
            /**
             * @description Part
             * @enum {string}
             */
            kind: "line" | "stick" | "second_ball" | "tee" | "towel";
            /** @description Mm from the ball, toward the target. */
            ahead_mm: number;
            /** @description Mm from the target line, toward the player. */
            across_mm?: number;
        };
        DrillPreview: {
            drill: components["schemas"]["DrillHandout"];
            svg: string;
        };
        DrillResult: {
            id: string;
            drill: string;
            /** @description Of the drill. */
            name: components["schemas"]["Told"];
            passed: boolean;
            text: components["schemas"]["Told"];
            /** @enum {string} */
            by: "coach" | "student";
            confidence: number | null;
            note: string;
            done_at: string;
            session: string | null;
        };
        Drills: {
            drills: components["schemas"]["DrillHandout"][];
        };
        ErasedResults: {
            erased: number;
            message: components["schemas"]["Told"];
        };
        Erasure: {
            receipt: string;
            erased_at: string;
            lessons: number;
            balls: number;
            results: number;
            /** @description Reports that lay ready to be fetched. */
            reports: number;
            plans: number;
            links: number;
            sheets: number;
            /** @description Notes of what records were before they were changed. */
            history: number;
        };
        Error: {
            message: components["schemas"]["Told"];
            faults?: {
                key: string;
                /** @description What was sent. */
                value: string;
                allowed: string;
                message: components["schemas"]["Told"];
            }[];
        };
        Estimate: {
            n: number;
            mean: number;
            sd: number | null;
            /** @description 90 %. */
            mean_interval: [
                number,
                number
            ] | null;
            /** @description 90 %. */
            sd_interval: [
                number,
                number
            ] | null;
        };
        Estimated: {
            value: number;
            low: number;
            high: number;
        };
        Fed: {
            stored: number;
            /** @description Sent before under the same id. */
            known: number;
            refused: {
                line: number;
                key: string;
                message: string;
            }[];
            /** @description Keys that nobody here knows. */
            kept_out: string[];
        };
        Feed: components["schemas"]["FeedBall"][];
        FeedBall: {
            /** @description A ULID: the same one twice is stored once. */
            id: string;
            at?: string | null;
            carry_m?: number | null;
            roll_m?: number | null;
            start_deg?: number | null;
            launch_deg?: number | null;
            ball_speed_m_s?: number | null;
            club_speed_m_s?: number | null;
            attack_deg?: number | null;
            path_deg?: number | null;
            face_deg?: number | null;
            low_point_mm?: number | null;
            dynamic_loft_deg?: number | null;
        };
        FeedDevice: {
            id: string;
            name: string;
            lesson_id: string | null;
            /** @description Whose running drill it is joined to. */
            student_id: string | null;
            heard_at: string | null;
            /** @description For how long nothing came though it is joined; null while that is no matter. */
            silent_seconds: number | null;
            revoked: boolean;
            token?: string;
        };
        Field: {
            /** @enum {string} */
            kind: "number" | "choice" | "text";
            label: components["schemas"]["Told"];
            unit: string;
            min: number;
            max: number;
            /** @description The usual ones, to press. */
            answers: components["schemas"]["Answer"][];
            /** @description Of shots from sand only. */
            sand_only: boolean;
        };
        Figure: {
            kind: string;
            points: [
                number,
                number
            ][];
            ghost: boolean;
            words: components["schemas"]["Told"];
        };
        Finding: {
            lines: number;
            confirmed: number;
            /** @description Confirmed lines that were held against a fit on those before them. */
            held_out: number;
            engine: components["schemas"]["Held"];
            corrected: components["schemas"]["Held"];
            adopted: boolean;
            why: components["schemas"]["Told"];
            correction: components["schemas"]["Learned"] | null;
            sentences: components["schemas"]["Told"][];
        };
        FirstAccount: {
            name: string;
            email: string;
            password: string;
        };
        FirstStart: {
            needed: boolean;
        };
        Found: {
            lines: number;
            confirmed: number;
            /** @description Confirmed lines that were held against a fit on those before them. */
            held_out: number;
            engine: components["schemas"]["Held"];
            corrected: components["schemas"]["Held"];
            /** @description It proved itself on later lines. */
            adopted: boolean;
            why: components["schemas"]["Told"];
            sentences: components["schemas"]["Told"][];
            /** @description Of the correction; null = none was fitted. */
            version: string | null;
        };
        FromDevice: {
            device: string;
            number: number;
            coach?: string;
        };
        Given: {
            id: string;
            /** @description Answers kept long ago do not say. */
            confirmed?: string | null;
            cause: components["schemas"]["Told"];
            setup: components["schemas"]["Told"][];
            feel: components["schemas"]["Told"];
            drills: components["schemas"]["Told"][];
        };
        GivenPrescription: {
            cause: string;
            school: string;
            content: {
                cause_name: components["schemas"]["Told"];
                setup: components["schemas"]["SetupChange"][];
                /** @description Where the club met the ground, and where it is to. */
                ground?: components["schemas"]["GroundAsked"] | null;
                /** @description The set-up card in words. */
                card?: components["schemas"]["Told"][];
                seen?: components["schemas"]["Told"];
                /** @description What the student believed and what speaks against it, in words for him. */
                belief?: components["schemas"]["Told"] | null;
                /** @description The heaviest things that spoke for it. */
                evidence?: components["schemas"]["Told"][];
                /** @description Of the coach, for the student. */
                sentence?: string;
                feel: components["schemas"]["Told"];
                drills: components["schemas"]["DrillHandout"][];
                stop: components["schemas"]["Told"] | null;
                measure: components["schemas"]["Told"] | null;
            };
        };
        Goal: {
            /** @enum {string} */
            kind: "count" | "streak" | "ladder" | "error" | "timed" | "free" | "stations" | "contrast";
            need: number | null;
            of: number | null;
            sets: number;
            balls: number;
            minutes: number;
            text: components["schemas"]["Told"];
            /** @description Ladders: the last rung. */
            rungs: number;
            /** @description How a run is counted; what was handed out long ago has none. */
            counting?: components["schemas"]["Counting"];
            /** @description Only in what was handed out long ago. */
            ladder?: number[][];
            /** @description So many balls one run has; null = as many as it takes. */
            most?: number | null;
            /** @description So many runs the dose has: sets of as many balls as are counted; else all of them are one run. */
            runs?: number;
            /** @description What the balls are hit from or with. */
            parts?: components["schemas"]["Told"][];
            /** @description Errors: no ball carries further, m. */
            farthest_m: number;
        };
        GoalChoice: {
            /** @enum {string} */
            kind?: "count" | "streak" | "ladder" | "error" | "timed" | "free" | "stations" | "contrast";
            need?: number | null;
            of?: number | null;
            sets?: number;
            balls?: number;
            minutes?: number;
        };
        GoodRate: {
            count: number;
            of: number;
            interval: [
                number,
                number
            ] | null;
        };
        GroundAsked: {
            /** @description Middles of the groups that the first touches lie in. */
            now: number[];
            asked: number;
            radius: number;
            depth: number;
            sand: boolean;
        };
        /** @description To whom, and what the coach who had the student so far may still do; null = nothing. */
        HandOver: {
            coach_id: string;
            keeps?: ("read" | "teach") | null;
        };
        /** @enum {string} */
        Handed: "right" | "left";
        HandedOut: {
            prescription: components["schemas"]["GivenPrescription"] | null;
        };
        Health: {
            parts: components["schemas"]["HealthPart"][];
        };
        HealthPart: {
            /** @enum {string} */
            part: "database" | "queue" | "worker" | "long_worker" | "scheduler" | "disk" | "begun_again" | "backup" | "proof";
            ok: boolean;
            /** @description Seconds (database: milliseconds; disk: percent free; begun again: times in a day); null = never, or not known. */
            figure: number | null;
        };
        Held: {
            /** @description Mean natural log of the chance given to what was confirmed; null where nothing was fitted. */
            log_score: number | null;
            /** @description Share of these lines where it stood first. */
            first: number | null;
        };
        /** @description Whose balls a device tells of. */
        JoinDevice: {
            lesson_id: string | null;
        };
        /** @description Whose running drill a device tells of. */
        JoinDrill: {
            student_id: string | null;
        };
        KeepStill: {
            id: string;
            /** @description Where the ball lies in it, px. */
            ball_x?: number | null;
            ball_y?: number | null;
            mm_per_px?: number | null;
            in_report?: boolean;
        };
        /** @enum {string} */
        Language: "en" | "de";
        Learned: {
            version: string;
            /** @description Confirmed lines of the ledger that it was fitted to. */
            lines: number;
            /** @description By cause, as logs. */
            bias: {
                [key: string]: number;
            };
            /** @description By kind of evidence: 0 as the engine has it, -1 it tells nothing. */
            slopes: {
                [key: string]: number;
            };
            /** @description The same beside it, by cause. */
            of_causes: {
                [key: string]: {
                    [key: string]: number;
                };
            };
        };
        Ledger: {
            /** @description Confirmed lines below which nothing is learned. */
            least: number;
            /** @description Whether it is to be used where it proves itself. */
            wanted: boolean;
            /** @description Whether readings go by it. */
            used: boolean;
            learned_at: string | null;
            /** @description Null = nothing was learned yet. */
            finding: components["schemas"]["Found"] | null;
            /** @description Null = it is not at work. */
            at_work: {
                /** @enum {string} */
                step: "waiting" | "works" | "lines" | "blocks" | "fit";
                done: number;
                of: number;
            } | null;
            /** @description It is to be done, and no worker answers. */
            helper_silent: boolean;
        };
        Lesson: {
            id: string;
            student_id: string;
            task: components["schemas"]["Task"];
            began_at: string;
            closed_at: string | null;
            /** @description Who gives it; null where that account is gone. */
            given_by: string | null;
            sets: components["schemas"]["BallSet"][];
            prescription: components["schemas"]["GivenPrescription"] | null;
        };
        /** @description A lesson as a device knew it. */
        LessonBase: {
            task: components["schemas"]["Task"];
            began_at: string;
            closed_at: string | null;
        };
        LessonFeed: {
            devices: components["schemas"]["FeedDevice"][];
            /** @description In the order in which they were hit; the id is that of the ball it becomes. */
            waiting: {
                id: string;
                set_id: string;
                hit_at: string;
                doubt: boolean;
                figures: {
                    [key: string]: number;
                };
            }[];
            /** @description That wait beyond those. */
            more: number;
        };
        LessonPage: {
            lesson: components["schemas"]["Lesson"];
            student: components["schemas"]["Student"];
            readings: {
                [key: string]: components["schemas"]["Reading"];
            };
            /** @description How many balls each set needs to be compared; 0: as many as the coach likes. */
            balls_wanted: {
                [key: string]: number;
            };
        };
        Library: {
            causes: components["schemas"]["LibraryCause"][];
            drills: components["schemas"]["LibraryDrill"][];
            schools: components["schemas"]["LibrarySchool"][];
            cautions: components["schemas"]["Told"][];
            /** @description Word of the trade => what it means. */
            glossary: {
                [key: string]: components["schemas"]["Told"];
            };
        };
        LibraryCause: {
            id: string;
            name: components["schemas"]["Told"];
            shots: ("chip" | "pitch" | "bunker")[];
            /** @description In words; null: every lie of its shots. */
            lies: components["schemas"]["Told"][] | null;
            evidence: components["schemas"]["Told"][];
            if_wrong: components["schemas"]["Told"];
            setup: components["schemas"]["Told"];
            stop: components["schemas"]["Told"];
            feels: {
                outside: components["schemas"]["Told"];
                inside: components["schemas"]["Told"];
                sound: components["schemas"]["Told"];
            };
            measure: components["schemas"]["Told"];
            drills: string[];
            /** @description What the ground sees of it beside a sound strike, and what the cure asks. Answers kept long ago have none. */
            pictures?: components["schemas"]["View"][];
        };
        LibraryDrill: {
            id: string;
            name: components["schemas"]["Told"];
            purpose: components["schemas"]["Told"];
            shots: ("chip" | "pitch" | "bunker")[];
            equipment: components["schemas"]["Told"][];
            grounds: string[];
            steps: components["schemas"]["Told"][];
            dose: components["schemas"]["Dose"];
            pass: components["schemas"]["Pass"];
            easier: components["schemas"]["Told"];
            harder: components["schemas"]["Told"];
            feel: components["schemas"]["Told"];
            cautions: components["schemas"]["Told"][];
            /** @description Limit of the body => why the drill is left out. */
            not_with: {
                [key: string]: components["schemas"]["Told"];
            };
            serves: components["schemas"]["Told"][];
        };
        LibrarySchool: {
            /** @enum {string} */
            id: "neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge";
            name: components["schemas"]["Told"];
            idea: components["schemas"]["Told"];
            cards: {
                /** @enum {string} */
                shot: "chip" | "pitch" | "bunker";
                lies: components["schemas"]["Told"][];
                figures: components["schemas"]["Told"][];
            }[];
        };
        MadeUpBall: components["schemas"]["FeedBall"];
        MadeUpSwing: {
            id: string;
            name: components["schemas"]["Told"];
            /** @description Where the film lies. */
            film: string;
            /** @enum {string} */
            target: "right" | "left";
        };
        MakeAccountLink: {
            /** @enum {string} */
            role?: "lead" | "coach";
            /** @description Whose password. */
            coach_id?: string | null;
            /** @description Where a new coach gets it mailed, if a mail server is set up. */
            email?: string | null;
        };
        /** @description What a device is called. */
        MakeDevice: {
            name: string;
            /** @description It ends by itself after so long; left out it never does. */
            minutes?: number | null;
        };
        /** @description How many days a link stays open. */
        MakeLink: {
            /** @description Days, days */
            days: number;
        };
        /** @description Which lessons, and on what paper. */
        MakeReports: {
            lessons: string[];
            /**
             * @description Paper
             * @enum {string}
             */
            paper: "a4" | "letter";
        };
        MeasurePicture: {
            /**
             * @description On which side of the picture the target lies.
             * @enum {string}
             */
            target: "right" | "left";
            click_sd_px?: number;
            size?: components["schemas"]["Px"] | null;
            points: {
                [key: string]: components["schemas"]["Px"];
            };
            level?: components["schemas"]["Px"][] | null;
            upright?: components["schemas"]["Px"][] | null;
            scale?: {
                ball_px?: number | null;
                from?: components["schemas"]["Px"] | null;
                to?: components["schemas"]["Px"] | null;
                mm?: number | null;
            } | null;
        };
        MeasureTrace: {
            /** @enum {string} */
            target: "right" | "left";
            fps: number;
            click_sd_px?: number;
            size?: components["schemas"]["Px"] | null;
            ball: components["schemas"]["Px"];
            level?: components["schemas"]["Px"][] | null;
            upright?: components["schemas"]["Px"][] | null;
            scale: {
                ball_px?: number | null;
                from?: components["schemas"]["Px"] | null;
                to?: components["schemas"]["Px"] | null;
                mm?: number | null;
            };
            address_lean_deg?: number | null;
            frames: {
                n: number;
                head: components["schemas"]["Px"];
                grip?: components["schemas"]["Px"] | null;
            }[];
        };
        Measured: {
            [key: string]: number | null;
        };
        MeasuredPicture: components["schemas"]["Picture"];
        MeasuredTrace: {
            trace: components["schemas"]["Trace"];
            /** @description The fitted arc in the picture. */
            arc: components["schemas"]["Px"][];
        };
        Model: {
            delivered: {
                loft_deg: number;
                bounce_deg: number;
                azimuth_deg: number;
            };
            lean_deg: number;
            open_deg: number;
            /** @description Share of each strike. */
            rates: {
                [key: string]: number;
            };
            good_rate: number;
            /** @description Of low points. */
            window_mm: [
                number,
                number
            ] | null;
            /** @description Of first touches. */
            touch_window_mm: [
                number,
                number
            ] | null;
            /** @description Null where the model does not explain the balls. */
            what_if: {
                aim: number;
                scatter: number;
                window: number;
                main_reason: string | null;
                aim_first: boolean;
            } | null;
            low_point_mm: {
                mean: number;
                sd: number;
            };
            depth_mm: {
                mean: number;
                sd: number;
            };
            fit: {
                edge_mm: number;
                drag_factor: number;
                fits: boolean;
            };
            /** @description Of the sole, x and height in mm. */
            arc: [
                number,
                number
            ][];
            assumed: components["schemas"]["Told"][];
            note: components["schemas"]["Told"];
        };
        /** @description The day a visit is moved to. */
        MoveSession: {
            day: string;
        };
        MovedSession: {
            id: string;
            day: string;
        };
        Named: {
            id: string;
            name: components["schemas"]["Told"];
        };
        NamedLearned: {
            version: string;
            lines: number;
        };
        NextObservation: {
            /** @enum {string} */
            observable: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
            label: components["schemas"]["Told"];
            why: components["schemas"]["Told"];
            /** @description In glances. */
            cost: number;
            /** @description What is expected to be learnt, bits a glance. */
            bits_per_look: number;
            answers: {
                label: components["schemas"]["Told"];
                value: number | string;
                then: components["schemas"]["Told"];
            }[];
        };
        Observable: {
            /** @enum {string} */
            id: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
            /** @enum {string} */
            group: "setup" | "motion";
            sand_only: boolean;
            /** @description Taken where nothing was looked at. */
            usual: number | null;
            /** @enum {string} */
            kind: "number" | "choice" | "text";
            label: components["schemas"]["Told"];
            unit: string;
            min: number;
            max: number;
            answers: components["schemas"]["Answer"][];
        };
        Observed: {
            [key: string]: number | string | null;
        };
        Option: {
            /** @description As it was named; null for a putt. */
            club: string | null;
            /** @enum {string} */
            shot: "putt" | "running_chip" | "chip" | "pitch" | "splash";
            /** @description From the edge of the green; negative = short of it. */
            land_m: number;
            carry_m: number;
            roll_m: number;
            mean_leave_m: number;
            /** @description That one in ten stays below, and one in ten passes. */
            leave_80_m: [
                number,
                number
            ];
            within_1m: number;
            within_2m: number;
            short_of_green: number;
            off_back: number;
            /** @description Null where nothing stands in the way. */
            clears: boolean | null;
            why: components["schemas"]["Told"];
        };
        Outcome: {
            cause: string;
            name: string;
            shot: string;
            students: number;
            judged: number;
            fixed: components["schemas"]["OutcomeShare"] | null;
            /** @description In which it was worked on until it was fixed: the quarter, the half, three quarters of those fixed needed no more. */
            lessons: [
                number,
                number,
                number
            ] | null;
            drills: components["schemas"]["DrillOutcome"][];
        };
        OutcomeShare: {
            count: number;
            of: number;
            interval: [
                number,
                number
            ];
        };
        Outlook: {
            coaches: components["schemas"]["CoachAtWork"][];
            outcomes: components["schemas"]["Outcome"][];
        };
        OwnCard: {
            id: string;
            name: string;
            /** @enum {string} */
            shot: "chip" | "pitch" | "bunker";
            figures: {
                /** @enum {string} */
                observable: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
                to: number;
            }[];
            feel: string;
            drills: string[];
        };
        OwnDrill: {
            id: string;
            name: string;
            purpose: string;
            steps: string[];
            goal: components["schemas"]["GoalChoice"];
            parts: components["schemas"]["DrillPart"][];
        };
        OwnWay: {
            cards: components["schemas"]["OwnCard"][];
            drills: components["schemas"]["OwnDrill"][];
            /** @description Kind of part => what it is called. */
            parts: {
                [key: string]: components["schemas"]["Told"];
            };
            /** @description Ways of scoring a drill. */
            kinds: ("count" | "streak" | "ladder" | "error" | "timed" | "free" | "stations" | "contrast")[];
            /** @description Where a new drill starts. */
            first_goal: components["schemas"]["GoalChoice"];
            most: {
                parts: number;
                figures: number;
                drills: number;
            };
        };
        Part: {
            /** @enum {string} */
            kind: "line" | "area" | "foot" | "circle" | "arrow";
            /**
             * @description What changes is drawn strong, as it is now dashed, all else pale.
             * @enum {string}
             */
            state: "now" | "asked" | "same" | "ground";
            points: [
                number,
                number
            ][];
            /** @description Radius of a circle; how far a foot is turned, degrees, toe toward the target +. */
            size: number;
        };
        Pass: {
            /** @enum {string} */
            kind: "count" | "streak" | "ladder" | "error" | "timed" | "free" | "stations" | "contrast";
            need: number | null;
            of: number | null;
            text: components["schemas"]["Told"];
        };
        PastLesson: {
            id: string;
            student_id: string;
            task: components["schemas"]["Task"];
            began_at: string;
            closed_at: string | null;
            /** @description Who gives it; null where that account is gone. */
            given_by: string | null;
            sets: components["schemas"]["PastSet"][];
            prescription: components["schemas"]["GivenPrescription"] | null;
        };
        PastSet: {
            id: string;
            purpose: components["schemas"]["Purpose"];
            setup: components["schemas"]["Observed"];
            motion: components["schemas"]["Observed"];
            measured?: components["schemas"]["Measured"];
            confidence: number | null;
            /** @description What the coach thought before he saw the reading: a cause, or none. Answers kept long ago do not say. */
            thought?: string | null;
        };
        Picture: {
            shaft_lean_deg: components["schemas"]["Estimated"] | null;
            ball_position_pct: components["schemas"]["Estimated"] | null;
            stance_width_mm: components["schemas"]["Estimated"] | null;
            sternum_ahead_mm: components["schemas"]["Estimated"] | null;
            /** @description Of the camera, + = the level falls away to the right of the picture; null: nothing says it. */
            roll_deg: number | null;
            warnings: components["schemas"]["Caution"][];
        };
        Ping: {
            /** @constant */
            up: true;
        };
        PlanSession: {
            id: string;
            day: string;
            minutes: number;
            items: components["schemas"]["PlannedItem"][];
            done: boolean;
        };
        PlanShot: {
            lie: string;
            slope_deg?: number;
            /** @description Ball to the edge of the green. */
            edge_m: number;
            /** @description Edge to hole. */
            hole_m: number;
            /** @description Hole to the back edge. */
            behind_m?: number;
            green?: {
                stimp?: number;
                slope_pct?: number;
            };
            obstacle?: {
                height_m: number;
                distance_m: number;
            } | null;
            /** @description Absent: the usual bag. */
            clubs?: {
                name?: string;
                loft_deg: number;
                bounce_deg: number;
            }[];
            /** @description A landing spot that was chosen, m from the edge. */
            land_m?: number | null;
            /** @description Whose strikes: with too few balls of his own, and without a student, those of a handicap of about 18. */
            student_id?: string | null;
        };
        PlannedItem: {
            drill: string;
            name: components["schemas"]["Told"];
            minutes: number;
            /** @enum {string} */
            mode: "blocked" | "random" | "transfer";
            mode_text: components["schemas"]["Told"];
        };
        PlannedOption: {
            figures: components["schemas"]["Option"];
            /** @description "Running chip, 46/6". */
            name: components["schemas"]["Told"];
            within_1m: components["schemas"]["Told"];
            within_2m: components["schemas"]["Told"];
            short_of_green: components["schemas"]["Told"];
            off_back: components["schemas"]["Told"];
            /** @description Points of the flight of a good strike, m along and up. */
            path: [
                number,
                number
            ][];
            /** @description Where eight in ten finish, m from the ball. */
            rests_80_m: [
                number,
                number
            ];
            setup: components["schemas"]["Told"][];
            /** @description To begin a lesson with; null for a putt. */
            task: components["schemas"]["Task"] | null;
        };
        Practice: {
            language: components["schemas"]["Language"];
            student: {
                name: string;
                handed: components["schemas"]["Handed"];
                units: components["schemas"]["Units"];
                guardian: boolean;
            };
            fault: {
                title: components["schemas"]["Told"];
                seen: components["schemas"]["Told"] | null;
                belief: components["schemas"]["Told"] | null;
                stop: components["schemas"]["Told"] | null;
                measure: components["schemas"]["Told"] | null;
                if_wrong: components["schemas"]["Told"] | null;
            } | null;
            /** @description What is to change, as a title; null where nothing was handed out. Answers kept long ago have none of these three. */
            change?: components["schemas"]["Told"] | null;
            /** @description What went well in the lesson it was handed out in. */
            success?: components["schemas"]["Told"] | null;
            /** @description What is asked beside what is there now. */
            asked?: components["schemas"]["View"][];
            /** @description What no picture shows. */
            setup: components["schemas"]["Told"][];
            card: components["schemas"]["Told"][];
            feel: components["schemas"]["Told"] | null;
            sentence: string;
            drills: components["schemas"]["PracticeDrill"][];
            /** @description How far he hits what; empty while too little was logged. */
            chart: components["schemas"]["Cell"][];
            plan: {
                /** @description Weekday, 1 = Monday => minutes. */
                made_from: {
                    days: {
                        [key: string]: number;
                    };
                    grounds: string[];
                    equipment: components["schemas"]["Told"][] | null;
                    weeks: number;
                    game?: boolean;
                };
                notes: components["schemas"]["Told"][];
                sessions: components["schemas"]["PlanSession"][];
            } | null;
            /** @description What can be said of practice in a word, and the answer to it. */
            words: {
                /** @enum {string} */
                id: "hurts" | "no_time" | "did_more";
                label: components["schemas"]["Told"];
                answer: components["schemas"]["Told"];
            }[];
            /** @description The latest first. */
            said: components["schemas"]["PracticeNote"][];
            results: components["schemas"]["DrillResult"][];
            /** @description A lean of target numbers below this share is none. */
            even_share: number;
            /** @description How sure a student can be, from 1. */
            most_sure: number;
            cautions: components["schemas"]["Told"][];
        };
        PracticeDrill: {
            id: string;
            name: components["schemas"]["Told"];
            purpose: components["schemas"]["Told"];
            equipment: components["schemas"]["Told"][];
            grounds: string[];
            steps: components["schemas"]["Told"][];
            trade: {
                better: components["schemas"]["Told"];
                worse: components["schemas"]["Told"];
            };
            distances: components["schemas"]["Told"][];
            picture?: components["schemas"]["Drawn"][];
            dose: components["schemas"]["Dose"];
            pass: components["schemas"]["Pass"];
            goal: components["schemas"]["Goal"];
            easier: components["schemas"]["Told"];
            harder: components["schemas"]["Told"];
            feel: components["schemas"]["Told"];
            cautions: components["schemas"]["Told"][];
            /** @description From above, with the distances; and what is done, face-on. */
            svg: string | null;
            figure: string | null;
            /** @description The same as a motion; null where nothing in it moves. Answers kept long ago do not say. */
            motion?: string | null;
            next: {
                id: string;
                text: components["schemas"]["Told"];
            };
            /** @description The best run of target numbers so far; null where there is none. */
            record: components["schemas"]["Told"] | null;
            /** @description Random target numbers, m. */
            numbers: number[];
            /** @description Why it is there though nobody handed it out; null: it was. */
            added?: components["schemas"]["Told"] | null;
        };
        PracticeExport: {
            language: components["schemas"]["Language"];
            student: {
                name: string;
                handed: components["schemas"]["Handed"];
                units: components["schemas"]["Units"];
                guardian: boolean;
            };
            fault: {
                title: string;
                seen: string | null;
                belief: string | null;
                stop: string | null;
                measure: string | null;
                if_wrong: string | null;
            } | null;
            change: string | null;
            success: string | null;
            asked: components["schemas"]["View"][];
            setup: string[];
            card: string[];
            feel: string | null;
            sentence: string;
            drills: components["schemas"]["PracticeDrill"][];
            chart: components["schemas"]["Cell"][];
            plan: {
                made_from: {
                    days: {
                        [key: string]: number;
                    };
                    grounds: string[];
                    equipment: string[] | null;
                    weeks: number;
                    game?: boolean;
                };
                notes: string[];
                sessions: components["schemas"]["PlanSession"][];
            } | null;
            words: {
                /** @enum {string} */
                id: "hurts" | "no_time" | "did_more";
                label: string;
                answer: string;
            }[];
            said: components["schemas"]["PracticeNote"][];
            results: {
                id: string;
                drill: string;
                name: string;
                passed: boolean;
                text: string;
                /** @enum {string} */
                by: "coach" | "student";
                confidence: number | null;
                note: string;
                done_at: string;
                session: string | null;
                attempts: unknown[];
                /** @description Anything. */
                goal: unknown;
            }[];
            even_share: number;
            most_sure: number;
            cautions: string[];
        };
        PracticeNote: {
            id: string;
            /** @enum {string} */
            kind: "hurts" | "no_time" | "did_more";
            text: string;
            said_at: string;
        };
        Prediction: {
            /** @description Good strikes now and after the first cure, as shares. */
            now: number;
            after: number | null;
            low: number | null;
            high: number | null;
            fits: boolean;
            /** @description Empty where nothing is to be put right. */
            text: components["schemas"]["Told"];
        };
        Prescription: {
            prescription: components["schemas"]["GivenPrescription"];
        };
        Progress: {
            works: components["schemas"]["Work"][];
            last_time: components["schemas"]["Told"][];
            practice: {
                /** @description What the student said of it of late, the latest first. */
                said: components["schemas"]["PracticeNote"][];
                planned: number;
                done: number;
                share: number | null;
                visits: {
                    day: string;
                    done: boolean;
                }[];
            };
            /** @description What there is to choose from, the most frequent first. */
            kinds: {
                /** @enum {string} */
                shot: "chip" | "pitch" | "bunker";
                /** @enum {string} */
                lie: "tight" | "fairway" | "light_rough" | "ball_down" | "soft_wet" | "sand_soft" | "sand_medium" | "sand_firm" | "sand_thin" | "sand_plugged";
                lessons: number;
            }[];
            /** @description Lessons of the choice; the latest of them stand in full under lessons. */
            count: number;
            lessons: components["schemas"]["ProgressLesson"][];
            /** @description What each set came to, oldest first; what was not seen is absent. */
            course: components["schemas"]["CoursePoint"][];
            given: {
                lesson: string;
                at: string;
                cause: components["schemas"]["Told"];
                drills: components["schemas"]["Told"][];
            }[];
            results: components["schemas"]["DrillCourse"][];
            /** @description What comes next with each drill, the one done last first. */
            drills: {
                name: components["schemas"]["Told"];
                last: components["schemas"]["Told"];
                passed: boolean;
                next: components["schemas"]["Told"];
            }[];
        };
        ProgressLesson: {
            id: string;
            began_at: string;
            open: boolean;
            task: components["schemas"]["Task"];
            given: components["schemas"]["Given"] | null;
            sets: components["schemas"]["DrawnSet"][];
        };
        Proposal: {
            setup: components["schemas"]["SetupChange"][];
            feel: components["schemas"]["Told"] | null;
            feels: {
                outside: components["schemas"]["Told"];
                inside: components["schemas"]["Told"];
                sound: components["schemas"]["Told"];
            } | null;
            drills: components["schemas"]["DrillHandout"][];
            other_drills: components["schemas"]["DrillHandout"][];
            left_out: {
                id: string;
                name: components["schemas"]["Told"];
                why: components["schemas"]["Told"];
            }[];
            stop: components["schemas"]["Told"] | null;
            measure: components["schemas"]["Told"] | null;
        };
        /** @enum {string} */
        Purpose: "before" | "after" | "retest";
        /** @description What an academy has in common. */
        PutAcademy: {
            name: string;
            /** @description Shot => the school it is taught in here; one that is not named goes by the lie. */
            schools: {
                [key: string]: "neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge";
            };
            /** @description Of all its coaches; absent = as it is. */
            asks_second_factor?: boolean | null;
        };
        /** @description What a coach says of himself, and how he likes to begin. */
        PutAccount: {
            name: string;
            /** @enum {string} */
            units: "metric" | "imperial";
            /** @description Null = the usual clubs; absent = as it is. */
            bag?: {
                /** @description Loft, degrees */
                loft_deg: number;
                /** @description Bounce, degrees */
                bounce_deg: number;
                /** @description Lie angle, degrees */
                lie_deg?: number;
                name?: string | null;
            }[] | null;
            /** @description How he begins with each shot. */
            usual?: components["schemas"]["Usual"] | null;
            /** @description At hand, in the words of the drills; null = all of it. */
            equipment?: string[] | null;
            /** @description As "Europe/Berlin"; null = as his device. */
            timezone?: string | null;
            /** @description 1 = Monday. */
            week_starts?: number | null;
            keeps_stills?: boolean | null;
            /** @description He says what he thinks before a reading is shown. */
            asks_first?: boolean | null;
        };
        /** @description One ball, and when it was hit. */
        PutBall: {
            seen: components["schemas"]["BallSeen"];
            hit_at: string;
            /** @description The device that sends it, and a number that only grows there: what comes late changes nothing. */
            from?: components["schemas"]["FromDevice"];
        };
        /** @description What a set of balls is for, and what was seen of it since; what may stand there hangs on what is there already. */
        PutBallSet: {
            /** @enum {string} */
            purpose: "before" | "after" | "retest";
            /** @description Null takes a look back; an absent key leaves it. */
            setup: components["schemas"]["Observed"];
            motion: components["schemas"]["Observed"];
            /** @description Of figures among these that were measured: half of the 90 % interval. One without was seen by eye. */
            measured?: components["schemas"]["Measured"];
            confidence?: number | null;
            /** @description Before he saw the reading: the id of a cause, or none. The first one stays. */
            thought?: string | null;
            /** @description The device that sends it, and a number that only grows there: what comes late changes nothing. */
            from?: components["schemas"]["FromDevice"] | null;
        };
        /** @description What a coach says of the blind cases: also the file in which he keeps it. */
        PutBlindAnswers: {
            format: string;
            /** @description By the number of the case: the id of a cause, none where nothing is wrong, null where he cannot say. */
            answers: components["schemas"]["BlindAnswers"];
        };
        /** @description What a coach is in the academy, and whether he has left it. */
        PutCoach: {
            /** @enum {string} */
            role: "lead" | "coach";
            left: boolean;
        };
        /** @description What it really was. */
        PutConfirmed: {
            /** @description The id of a cause, none where nothing was wrong, null where nobody says. */
            confirmed?: string | null;
        };
        /** @description That a guardian agreed. */
        PutConsent: {
            /** @enum {string} */
            purpose: "still" | "link";
            /** @description Name, and what he or she is to the child. */
            given_by: string;
            /** @description The day; today where it is left out. */
            given_on?: string | null;
        };
        /** @description Whether readings may go by what was learned. */
        PutLedger: {
            wanted: boolean;
        };
        /** @description Whose lesson it is, what the shot asks, when it was given. */
        PutLesson: {
            student_id: string;
            task: components["schemas"]["Task"];
            began_at: string;
            closed_at?: string | null;
            /** @description What this device knew of the lesson: only what it changed since is stored. */
            base?: components["schemas"]["LessonBase"] | null;
            /** @description The device that sends it, and a number that only grows there: what comes late changes nothing. */
            from?: components["schemas"]["FromDevice"] | null;
        };
        /** @description What a coach hands out in his own way for one shot: any set-up figures, a feel, drills; kept to be offered again. */
        PutOwnCard: {
            name: string;
            /** @enum {string} */
            shot: "chip" | "pitch" | "bunker";
            figures: {
                /** @enum {string} */
                observable: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
                /** @description Figure */
                to: number;
            }[];
            feel: string;
            drills: string[];
        };
        /** @description A drill of a coach's own: text, dose, scoring, and a picture from a few parts. */
        PutOwnDrill: {
            name: string;
            purpose: string;
            steps: string[];
            goal: components["schemas"]["GoalChoice"];
            parts?: components["schemas"]["DrillPart"][];
        };
        /** @description The days, the grounds and the equipment a student has; whether a plan comes out of it is said by the core. */
        PutPlan: {
            /** @description Weekday, 1 = Monday => minutes. */
            days: {
                [key: string]: number;
            };
            grounds: string[];
            /** @description Weeks, weeks */
            weeks: number;
            from: string;
            /** @description Null: whatever a drill asks for. */
            equipment?: string[] | null;
            /** @description Each visit that is long enough ends on a game, so that it holds on the course. */
            game?: boolean;
        };
        /** @description A word of a student on his practice. */
        PutPracticeNote: {
            /** @enum {string} */
            kind: "hurts" | "no_time" | "did_more";
            said_at: string;
        };
        /** @description What a coach hands out. */
        PutPrescription: {
            set_id: string;
            cause: string;
            feel: string;
            drills: string[];
            /** @description Other figures than those proposed. */
            figures?: {
                /** @enum {string} */
                observable: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
                /** @description Figure */
                to: number;
            }[] | null;
            /** @description Of the coach, for the student to read. */
            sentence?: string | null;
            /** @description Drill => what the coach made of dose and pass mark. */
            goals?: {
                [key: string]: components["schemas"]["GoalChoice"];
            } | null;
            /** @description The device that sends it, and a number that only grows there: what comes late changes nothing. */
            from?: components["schemas"]["FromDevice"] | null;
        };
        /** @description One run of a drill; what it came to is said by the core. */
        PutResult: {
            drill: string;
            /** @description As handed out. */
            goal: components["schemas"]["GoalChoice"];
            /** @description Hits and misses, [target, carry] pairs in m, or seconds. */
            attempts: components["schemas"]["Attempts"];
            done_at: string;
            /** @description The visit of the plan it belongs to. */
            session?: string | null;
            confidence?: number | null;
            note?: string | null;
        };
        /** @description A student as the coach enters him. */
        PutStudent: {
            name: string;
            /** @enum {string} */
            handed: "right" | "left";
            limits: ("back" | "shoulder" | "elbow" | "wrist" | "hip" | "knee" | "balance" | "eyesight" | "under_14")[];
            about?: string | null;
            units?: ("metric" | "imperial") | null;
            /** @description Of the student's page; null = as his device says. */
            language?: ("en" | "de") | null;
            /** @description Length of his step, m; null = as anybody's. */
            step_m?: number | null;
            /** @description His own clubs; null = the coach's; absent = as it is. */
            bag?: {
                /** @description Loft, degrees */
                loft_deg: number;
                /** @description Bounce, degrees */
                bounce_deg: number;
                /** @description Lie angle, degrees */
                lie_deg?: number;
                name?: string | null;
            }[] | null;
            /** @description Not coming at present; left as it is where it is not said. */
            inactive?: boolean | null;
        };
        Px: [
            number,
            number
        ];
        Reading: {
            pattern: {
                text: components["schemas"]["Told"];
                low_point_text: components["schemas"]["Told"];
                main_strike: ("clean" | "heavy" | "chunk" | "thin" | "topped" | "skip" | "hosel" | "splash" | "short" | "left-in" | "picked") | null;
                n: number;
                measured: number;
                assumed: number;
                censored: number;
                good: {
                    count: number;
                    of: number;
                };
                /** @description Error: sd of the mean. Known: enough lengths were drawn to tell it. */
                low_point_mm: {
                    mean: number | null;
                    sd: number | null;
                    error: number | null;
                    known: boolean;
                };
                touch_mm: {
                    mean: number | null;
                    sd: number | null;
                };
                /** @description The text in two: the rate alone, and the rest. */
                headline: components["schemas"]["Told"];
                detail: components["schemas"]["Told"];
            };
            balls: {
                /** @enum {string} */
                source: "measured" | "assumed" | "censored" | "not_seen";
                low_point_mm: number | null;
                depth_mm: number | null;
            }[];
            radius_mm: number;
            /** @description The likeliest first. */
            causes: components["schemas"]["WeighedCause"][];
            /** @description So many of them are worth telling. */
            likely: number;
            work_on_first: string | null;
            /** @description What a coach should know before he works on it: why not the likeliest, no gain in the model, another as good. */
            first_notes: components["schemas"]["Told"][];
            advice: components["schemas"]["Told"];
            check_next: components["schemas"]["NextObservation"] | null;
            /** @description What is not known yet, the most telling first. */
            would_tell: ("ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish")[];
            warnings: components["schemas"]["Warning"][];
            tell_apart: components["schemas"]["Told"][];
            school: components["schemas"]["SchoolChoice"];
            /** @description The range of each figure of the set-up card. */
            card: {
                [key: string]: [
                    number,
                    number
                ];
            };
            /** @description What no figure of the card says. */
            card_notes: components["schemas"]["Told"][];
            prescription: components["schemas"]["Proposal"];
            /** @description What it asks beside what is there now, as pictures. Answers kept long ago have none. */
            asked?: components["schemas"]["View"][];
            prediction: components["schemas"]["Prediction"] | null;
            model: components["schemas"]["Model"] | null;
            /** @description False where more than half of the misses touch down where good ones do: touch alone does not explain them. Null = not known. Answers kept long ago do not say. */
            touch_tells?: boolean | null;
            /** @description A last good strike that went too far or not far enough; asks: the speed was not looked at. */
            distance: {
                text: components["schemas"]["Told"];
                asks: boolean;
            } | null;
            /** @description Looks of earlier sets that stand until they are taken again; they weigh less with time. Answers kept long ago have none. */
            standing?: {
                /** @enum {string} */
                observable: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
                value: number | string;
                days_ago: number;
            }[];
            /** @description What became of each look that was entered. Answers kept long ago do not say. */
            looks?: {
                /** @enum {string} */
                observable: "ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish";
                text: components["schemas"]["Told"];
                cause: string | null;
            }[];
            /** @description Who has changed the model for this ground, why, since when; null = as it ships. */
            calibrated: components["schemas"]["Calibrated"] | null;
            /** @description What the place has learned from its own outcomes, where that was used. Answers kept long ago do not say. */
            correction?: components["schemas"]["NamedLearned"] | null;
        };
        /** @description Constants of the strike model that are to be others, and why. None = the model as it ships. */
        Recalibrate: {
            /** @description Key of the constant => figure. */
            changes: components["schemas"]["CalibrationChanges"];
            reason: string;
        };
        RecoveryCodes: {
            codes: string[];
        };
        ReportBatch: {
            id: string;
            total: number;
            done: number;
            failed: number;
            finished: boolean;
            /** @description They are to be made, and no worker answers. */
            helper_silent: boolean;
        };
        Revision: {
            at: string;
            by: string | null;
            before: {
                seen?: components["schemas"]["BallSeen"];
                hit_at?: string;
                deleted_at?: string | null;
            };
        };
        SandCard: {
            school: string;
            club_advice: components["schemas"]["Told"];
            face_open_deg: number;
            stance_open_deg: number;
            /** @description Where a square set-up would aim, + = to the trail side. */
            aim_deg: number;
            ball_position_pct: number;
            lead_weight_pct: number;
            shaft_lean_deg: number;
            feet_dug_mm: number;
            grip_down_mm: number;
            entry_mm: [
                number,
                number
            ];
            sand_depth_mm: number;
            swing: string;
            launch_deg: number;
            clears_lip: boolean;
            /** @description Over the top of the lip. */
            clearance_m: number;
            start_deg: number;
            rates: {
                [key: string]: number;
            };
            warnings: {
                id: string;
                text: components["schemas"]["Told"];
            }[];
            why: components["schemas"]["Told"][];
        };
        SandPlan: {
            card: components["schemas"]["SandCard"];
            school: components["schemas"]["Told"];
            /** @description Where the swing goes, + = to the trail side. */
            path_deg: number;
            /** @description Points of the flight, m along and up. */
            path: [
                number,
                number
            ][];
            /** @description Of ten balls, by strike. */
            rates: components["schemas"]["Told"][];
            setup: components["schemas"]["Told"][];
            /** @description Whether the strikes are the student's own. */
            strikes: components["schemas"]["Told"];
            /** @description How the ball passes the lip; null where there is none. */
            lip: components["schemas"]["Told"] | null;
            /** @description That suit this sand. */
            schools: components["schemas"]["Named"][];
            caution: components["schemas"]["Told"];
        };
        SandQuestion: {
            lie: string;
            /** @enum {string} */
            ball?: "normal" | "down" | "plugged";
            lip_height_m?: number;
            lip_distance_m?: number;
            carry_m: number;
            /** @description Green behind the hole. */
            room_m?: number;
            slope_deg?: number;
            club?: {
                name?: string;
                loft_deg: number;
                bounce_deg: number;
            };
            school?: string | null;
            student_id?: string | null;
        };
        /** @description A code of the second factor, or one of those for the day its device is lost. */
        SayCode: {
            code: string;
        };
        /** @description The password there is. */
        SayPassword: {
            now: string;
        };
        SchoolChoice: {
            /** @enum {string} */
            id: "neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge";
            name: components["schemas"]["Told"];
            idea: components["schemas"]["Told"];
            why: components["schemas"]["Told"];
            /** @description Where the club should enter the sand. */
            entry_mm: [
                number,
                number
            ] | null;
            /** @description Another school that fits better what was seen. */
            offer: {
                /** @enum {string} */
                id: "neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge";
                name: components["schemas"]["Told"];
                idea: components["schemas"]["Told"];
                why: components["schemas"]["Told"];
                card: {
                    [key: string]: [
                        number,
                        number
                    ];
                };
                rate_chosen: number | null;
                rate_offered: number | null;
            } | null;
        };
        Secret: {
            secret: string;
            uri: string;
        };
        Session: {
            /** @description By which it is ended; says nothing of the secret that its device holds. */
            key: string;
            /** @description The one that asks. */
            here: boolean;
            /** @enum {string} */
            kind: "phone" | "tablet" | "computer";
            address: string;
            seen_at: string;
        };
        SetFigures: {
            text: components["schemas"]["Told"];
            good: components["schemas"]["GoodRate"];
            /** @description Near the carry and on the line as well. */
            as_asked: {
                count: number;
                of: number;
            };
            /** @description Balls without ground contact: they have no touch. */
            censored: number;
            touch: components["schemas"]["Estimate"] | null;
            /** @description Only where drawn lengths tell it. */
            low_point: components["schemas"]["Estimate"] | null;
            /** @description Metres, + = long, good strikes only. */
            carry_error: components["schemas"]["Estimate"] | null;
            /** @description Of good first touches, mm. */
            window: [
                number,
                number
            ] | null;
            card: {
                [key: string]: [
                    number,
                    number
                ];
            };
        };
        SetReading: {
            set_id: string;
            /** @description Told when a set begins: how many balls it needs to be compared; 0: as many as the coach likes. */
            balls_wanted?: number;
            reading: components["schemas"]["Reading"];
        };
        SetupChange: {
            observable: ("ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish") | null;
            from: number | null;
            to: number | null;
            /** @description Where it is to lie; what was handed out long ago names no range. */
            range?: [
                number,
                number
            ] | null;
            text: components["schemas"]["Told"];
        };
        SetupTrial: {
            now: components["schemas"]["Model"];
            then: components["schemas"]["Model"];
            start: {
                [key: string]: number;
            };
            /** @description What is tried is all that the advice asks and nothing else: then its figure is the advice's. */
            advised?: boolean;
        };
        ShareLink: {
            id: number;
            open: boolean;
            made_at: string;
            expires_at: string;
            revoked_at: string | null;
            opened_at: string | null;
            path?: string;
        };
        /** @description To read, or to teach. */
        ShareStudent: {
            /** @enum {string} */
            level: "read" | "teach";
        };
        SheetCheck: {
            balls: number;
            left_out: number;
            refused: number;
            days: number;
            first: string | null;
            last: string | null;
            /** @description What is wrong, each once, with the first rows that have it. */
            faults: {
                message: components["schemas"]["Told"];
                rows: number[];
                count: number;
            }[];
            shown: {
                row: number;
                at: string;
                seen: components["schemas"]["BallSeen"];
            }[];
        };
        SheetColumn: {
            header: string;
            /** @description What it holds of a ball. */
            key: string;
            unit: string | null;
            /** @description The other sign than ours. */
            flipped: boolean;
            /** @description Words of the sheet => ours. */
            words: {
                [key: string]: string;
            };
        };
        SheetDraft: {
            import: components["schemas"]["SheetImport"];
            columns: {
                header: string;
                samples: string[];
                /** @description All that differ; null: too many. */
                words: string[] | null;
                /** @description By key of a ball: words that are not ours, should the column hold it; the coach says what they mean. */
                foreign: {
                    [key: string]: string[];
                };
            }[];
            /** @description Units that each key of a ball may be given in. */
            units: {
                [key: string]: string[];
            };
            guess: components["schemas"]["SheetMapping"];
            presets: {
                id: string;
                name: string;
                mapping: components["schemas"]["SheetMapping"];
            }[];
            /** @description When the same sheet was read before. */
            read_before: string | null;
        };
        SheetImport: {
            id: string;
            name: string;
            /** @enum {string} */
            state: "draft" | "reading" | "summing" | "done" | "stopped" | "taken_back";
            total: number;
            rows_done: number;
            balls: number;
            left_out: number;
            refused: number;
            days: number;
            sets_left: number | null;
            /** @description It is to be read, and no worker answers. */
            helper_silent: boolean;
            at: string;
        };
        SheetMapping: {
            columns: components["schemas"]["SheetColumn"][];
            time: {
                header: string;
                order: components["schemas"]["DayOrder"];
            } | null;
            /** @description Rows with other words in this column are left out. */
            only: {
                header: string;
                is: string;
            } | null;
            /** @description What stands before the decimals in all of the file; null = it is asked, left out = either. */
            decimal?: ("." | ",") | null;
        };
        /** @description How a sheet is to be read; what its columns can hold is known by the file, what the task can be by the core. */
        SheetPlan: {
            mapping: components["schemas"]["SheetMapping"];
            task: components["schemas"]["Task"];
            /** @enum {string} */
            purpose: "before" | "after" | "retest";
            /** @description For sheets without days. */
            day?: string | null;
            /** @description Keep the mapping under this name. */
            remember?: string | null;
        };
        Shot: {
            /** @enum {string} */
            id: "chip" | "pitch" | "bunker";
            sand: boolean;
            /** @description How this coach begins with it. */
            usual: {
                /** @enum {string} */
                lie: "tight" | "fairway" | "light_rough" | "ball_down" | "soft_wet" | "sand_soft" | "sand_medium" | "sand_firm" | "sand_thin" | "sand_plugged";
                school: ("neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge") | null;
                carry_m: number | null;
            };
            lies: {
                /** @enum {string} */
                id: "tight" | "fairway" | "light_rough" | "ball_down" | "soft_wet" | "sand_soft" | "sand_medium" | "sand_firm" | "sand_thin" | "sand_plugged";
                label: components["schemas"]["Told"];
                schools: ("neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge")[];
            }[];
            strikes: {
                /** @enum {string} */
                id: "clean" | "heavy" | "chunk" | "thin" | "topped" | "skip" | "hosel" | "splash" | "short" | "left-in" | "picked";
                good: boolean;
                meaning: components["schemas"]["Told"];
            }[];
        };
        ShotPlan: {
            options: components["schemas"]["PlannedOption"][];
            /** @description Place of the best one; null where nothing gets over what stands in the way. */
            recommended: number | null;
            assumed: components["schemas"]["Told"][];
            /** @description Whether the strikes are the student's own. */
            strikes: components["schemas"]["Told"];
            caution: components["schemas"]["Told"];
        };
        SignIn: {
            email: string;
            password: string;
            code?: string | null;
        };
        Statement: {
            id: string;
            /** @enum {string} */
            kind: "seen" | "cause" | "against" | "warning" | "next" | "work" | "setup" | "feel" | "prediction" | "comparison" | "verdict" | "limit";
            text: components["schemas"]["Told"];
            figures: components["schemas"]["ToldFigure"][];
            direction: components["schemas"]["Direction"] | null;
            /** @description Balls by their places from 0; earlier sets by how many days ago they were. */
            rests_on: {
                observables: ("ball_position_pct" | "sternum_ahead_mm" | "stance_width_mm" | "lead_weight_pct" | "shaft_lean_deg" | "face_open_deg" | "stance_open_deg" | "shoulders_open_deg" | "handle_height" | "ball_distance" | "balance" | "grip_down_mm" | "grip_pressure" | "feet_dug_mm" | "backswing_length" | "rhythm" | "speed_change" | "chest_turn" | "head_drift_mm" | "hip_sway_mm" | "impact_weight_pct" | "wrist_set" | "release" | "impact_lean_deg" | "lead_wrist" | "attack" | "attack_deg" | "low_point_mm" | "path_deg" | "takeaway" | "face_backswing" | "face_through" | "moves_toward_ball" | "finish")[];
                balls: number[];
                earlier: number[];
            };
            cause: string | null;
            /** @enum {string} */
            warning?: "thin_on_the_way_down" | "bounced_thin" | "digging_not_aim" | "scatter_not_aim" | "slowing_spiral" | "sand_steep" | "sand_shallow" | "thin_sand_skip" | "belief_contradicted" | "too_few_balls" | "school_conflict" | "inconsistent";
            asserts?: string[];
        };
        Still: {
            id: string;
            lesson_id: string;
            width: number;
            height: number;
            /** @description Where the ball lies in it. */
            ball: components["schemas"]["Px"] | null;
            mm_per_px: number | null;
            in_report: boolean;
            made_at: string;
        };
        StoredLesson: {
            lesson: components["schemas"]["Lesson"];
            readings: {
                [key: string]: components["schemas"]["Reading"];
            };
            /** @description The later one holds; the other stands in the history. */
            conflicts: {
                key: string;
                /** @description Anything. */
                theirs: unknown;
                /** @description Anything. */
                yours: unknown;
            }[];
        };
        Student: {
            id: string;
            name: string;
            handed: components["schemas"]["Handed"];
            about: string;
            limits: ("back" | "shoulder" | "elbow" | "wrist" | "hip" | "knee" | "balance" | "eyesight" | "under_14")[];
            units: components["schemas"]["Units"] | null;
            /** @description Of the student's page; null = as his device says. */
            language: components["schemas"]["Language"] | null;
            /** @description Length of his step, m; null = as anybody's. */
            step_m: number | null;
            /** @description His own clubs; null = the coach's. */
            bag: components["schemas"]["Club"][] | null;
            /** @description Those he plays, by loft. */
            clubs: components["schemas"]["Club"][];
            inactive: boolean;
            /** @description Whose student. */
            coach_id: string;
            coach: string;
            /** @description What whoever asks may do. */
            may: {
                update: boolean;
                delete: boolean;
                move: boolean;
            };
            lessons_count: number;
            /** @description The latest first. */
            lessons?: components["schemas"]["PastLesson"][];
        };
        StudentPage: {
            students: components["schemas"]["Student"][];
            next_page: number | null;
        };
        StudentShare: {
            coach_id: string;
            coach: string;
            /** @enum {string} */
            level: "read" | "teach";
        };
        /** @description What was handed out by mistake: it is taken back only where it still stands, so that asking twice does no harm. */
        TakeBackPrescription: {
            cause: string;
            feel: string;
            drills: string[];
            /** @description The device that sends it, and a number that only grows there: what comes late changes nothing. */
            from?: components["schemas"]["FromDevice"] | null;
        };
        Tally: {
            count: number;
            of: number;
            interval: [
                number,
                number
            ];
        };
        Target: {
            club: string;
            backswing: string;
            expected_m: number;
            expected_error_m: number;
            note: components["schemas"]["Told"];
        };
        /** @description What the shot asks. Distances on the course in metres, slopes in degrees (+ = uphill, + = ball above the feet). */
        Task: {
            /** @enum {string} */
            shot: "chip" | "pitch" | "bunker";
            /** @enum {string} */
            lie: "tight" | "fairway" | "light_rough" | "ball_down" | "soft_wet" | "sand_soft" | "sand_medium" | "sand_firm" | "sand_thin" | "sand_plugged";
            club: {
                /** @description Loft, degrees */
                loft_deg: number;
                /** @description Bounce, degrees */
                bounce_deg: number;
                /** @description Lie angle, degrees */
                lie_deg?: number;
                name?: string | null;
            };
            /** @description Slope, degrees */
            slope_deg?: number;
            /** @description Side slope, degrees */
            side_slope_deg?: number;
            carry_m?: number | null;
            roll_m?: number | null;
            lip_height_m?: number | null;
            lip_distance_m?: number | null;
            /** @description Of the backswing, by the student's own chart. */
            own_length?: ("knee" | "hip" | "rib" | "shoulder" | "full") | null;
            /**
             * @description Flight
             * @enum {string}
             */
            flight_wanted?: "low" | "stock" | "high";
            method?: ("neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge") | null;
            belief?: string | null;
        };
        Today: {
            /** @description Students of the coach, whether they fit what was asked for or not. */
            all: number;
            /** @description Made up, to look round in. */
            samples: number;
            /** @description Students that fit what was asked for. */
            total: number;
            next_page: number | null;
            groups: {
                /** @enum {string} */
                group: "hurts" | "open" | "slipping" | "retest" | "practice" | "new" | "well" | "inactive";
                label: components["schemas"]["Told"];
                students: number;
            }[];
            shots: {
                /** @enum {string} */
                shot: "chip" | "pitch" | "bunker";
                students: number;
            }[];
            /** @description In the order asked for, a page of them. */
            students: components["schemas"]["TodayStudent"][];
            rechecks: components["schemas"]["TodayStudent"][];
        };
        TodayStudent: {
            id: string;
            name: string;
            handed: components["schemas"]["Handed"];
            about: string;
            /** @description Whose student, where he is another coach's and shared. */
            coach: string | null;
            /** @description What he may be then. */
            shared: ("read" | "teach") | null;
            lessons: number;
            last: string | null;
            cause: components["schemas"]["Told"] | null;
            verdict: components["schemas"]["Told"] | null;
            /** @description A day. */
            recheck: string | null;
            /** @description A lesson that is not closed yet. */
            open?: string | null;
            /** @enum {string} */
            group: "hurts" | "open" | "slipping" | "retest" | "practice" | "new" | "well" | "inactive";
            /** @description What the student comes for is a retest of what is under work. */
            retest: boolean;
            /** @description Good strikes and of how many at the end of the last lessons, the oldest first. */
            rates: [
                number,
                number
            ][];
            /** @description The most urgent first, with their figures. */
            reasons: components["schemas"]["Told"][];
        };
        Told: string;
        ToldFigure: {
            name: string;
            value: number | string;
            unit: string;
            /** @description Places of the balls it was counted from, from 0; null = of no ball. */
            balls: number[] | null;
            /** @description The set it is of; null = this one. */
            set: string | null;
            /** @description Days since it was seen; null = with these balls. */
            day: number | null;
        };
        Trace: {
            /** @description + is ahead of the ball. */
            low_point_mm: components["schemas"]["Estimated"];
            arc_radius_mm: components["schemas"]["Estimated"];
            /** @description At the ball, below 0 = falling. */
            attack_deg: components["schemas"]["Estimated"];
            speed_m_s: components["schemas"]["Estimated"];
            lean_at_ball_deg: components["schemas"]["Estimated"] | null;
            /** @description Where the shaft is back at the lean it had at address; null: not within what was marked, or no such lean is known. */
            shaft_back_mm: number | null;
            /** @description Null where the interval of the attack spans 0. */
            still_falling: boolean | null;
            /** @description Frames that the arc was fitted to, and those that were not. */
            used: number[];
            left_out: number[];
            warnings: components["schemas"]["Caution"][];
        };
        TrySetup: {
            setup?: components["schemas"]["Observed"];
            /** @description Anything. */
            task?: unknown;
        };
        /** @enum {string} */
        Units: "metric" | "imperial";
        UseAccountLink: {
            name?: string;
            email?: string;
            password: string;
        };
        Usual: {
            [key: string]: {
                /** @enum {string} */
                school?: "neutral_shaft" | "handle_ahead" | "centre_ahead" | "turn_through" | "lie_first" | "open_across" | "square_splash" | "shut_edge";
                /** @enum {string} */
                lie?: "tight" | "fairway" | "light_rough" | "ball_down" | "soft_wet" | "sand_soft" | "sand_medium" | "sand_firm" | "sand_thin" | "sand_plugged";
                carry_m?: number;
            };
        };
        View: {
            /** @enum {string} */
            view: "ground" | "above" | "face_on" | "scale";
            title: components["schemas"]["Told"];
            /** @description West, south, width and height of what is drawn; y points up. */
            box: [
                number,
                number,
                number,
                number
            ];
            parts: components["schemas"]["Part"][];
            rows: {
                asked: components["schemas"]["Told"];
                now: components["schemas"]["Told"] | null;
            }[];
        };
        Warning: {
            /** @enum {string} */
            id: "thin_on_the_way_down" | "bounced_thin" | "digging_not_aim" | "scatter_not_aim" | "slowing_spiral" | "sand_steep" | "sand_shallow" | "thin_sand_skip" | "belief_contradicted" | "too_few_balls" | "school_conflict" | "inconsistent";
            text: components["schemas"]["Told"];
        };
        WeighedCause: {
            id: string;
            name: components["schemas"]["Told"];
            probability: number;
            for: components["schemas"]["WeighedClue"][];
            against: components["schemas"]["WeighedClue"][];
            /** @description The heaviest things that speak for it. */
            main_reasons: components["schemas"]["Told"][];
            /** @description Good strikes won by its cure, as a share. */
            gain: number | null;
            gain_text: components["schemas"]["Told"] | null;
            /** @enum {number} */
            effort: 1 | 2 | 3;
            if_wrong: components["schemas"]["Told"];
            prior: number;
            /** @description A look that it is known by was seen, whatever else explains the balls. */
            seen: boolean;
            /** @description It was put right, and the balls tell that it was not it, or not alone. Answers kept long ago do not say. */
            doubted?: boolean;
        };
        WeighedClue: {
            /** @description What was seen, in words. */
            text: components["schemas"]["Told"];
            /** @description How much likelier it makes the cause; below 1 it speaks against it. */
            odds: number;
            /** @description "speaks strongly for it" */
            says: components["schemas"]["Told"];
            how: components["schemas"]["Told"];
            /** @description It was looked at; else the balls tell it. */
            is_look: boolean;
        };
        Work: {
            cause: string;
            name: components["schemas"]["Told"];
            since: string;
            /** @description What it really was, as the coach said it in this lesson: a cause, "none", or null where he did not; and what it can have been. Answers kept long ago do not say. */
            was?: {
                lesson: string;
                confirmed: string | null;
                could_be: {
                    cause: string;
                    name: components["schemas"]["Told"];
                }[];
            };
            /** @enum {string} */
            verdict: "fixed" | "improving" | "slipping" | "no_change" | "too_early";
            verdict_text: components["schemas"]["Told"];
            text: components["schemas"]["Told"];
            /** @description How the first touch changed, in words. */
            touch: components["schemas"]["Told"] | null;
            /** @description The same sentences with their figures. */
            statements: components["schemas"]["Statement"][];
            probability: number | null;
            more_balls: number | null;
            not_comparable: components["schemas"]["Told"][];
            /** @description What the balls counted below did. */
            counted: components["schemas"]["Told"];
            before: components["schemas"]["Tally"] | null;
            now: components["schemas"]["Tally"] | null;
            /** @description What the retest asks: the same as when the cause was found. */
            task: components["schemas"]["Task"];
            /** @description How many balls the next retest should have. */
            retest_balls: number;
            next: components["schemas"]["Told"];
            /** @description A day. */
            recheck: string;
            /** @description The day of the last set that counts; null = none was hit. */
            until: string | null;
            /** @description The student comes for a retest next, not for a lesson. */
            retest: boolean;
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type Academy = components['schemas']['Academy'];
export type AccountLink = components['schemas']['AccountLink'];
export type Answer = components['schemas']['Answer'];
export type ArchiveImport = components['schemas']['ArchiveImport'];
export type AskedFigure = components['schemas']['AskedFigure'];
export type AskedFirst = components['schemas']['AskedFirst'];
export type Attempts = components['schemas']['Attempts'];
export type Audit = components['schemas']['Audit'];
export type AuditLine = components['schemas']['AuditLine'];
export type Ball = components['schemas']['Ball'];
export type BallSeen = components['schemas']['BallSeen'];
export type BallSet = components['schemas']['BallSet'];
export type BinEntry = components['schemas']['BinEntry'];
export type BlindAnswer = components['schemas']['BlindAnswer'];
export type BlindAnswers = components['schemas']['BlindAnswers'];
export type BlindCase = components['schemas']['BlindCase'];
export type BlindCases = components['schemas']['BlindCases'];
export type BlindChoice = components['schemas']['BlindChoice'];
export type BlindResult = components['schemas']['BlindResult'];
export type Brush = components['schemas']['Brush'];
export type Brushed = components['schemas']['Brushed'];
export type Calibrated = components['schemas']['Calibrated'];
export type Calibration = components['schemas']['Calibration'];
export type CalibrationChanges = components['schemas']['CalibrationChanges'];
export type CaseFile = components['schemas']['CaseFile'];
export type Catalogue = components['schemas']['Catalogue'];
export type Caution = components['schemas']['Caution'];
export type Cell = components['schemas']['Cell'];
export type Change = components['schemas']['Change'];
export type ChangeEmail = components['schemas']['ChangeEmail'];
export type ChangePassword = components['schemas']['ChangePassword'];
export type Chart = components['schemas']['Chart'];
export type Club = components['schemas']['Club'];
export type Coach = components['schemas']['Coach'];
export type CoachAtWork = components['schemas']['CoachAtWork'];
export type Colleague = components['schemas']['Colleague'];
export type Comparison = components['schemas']['Comparison'];
export type Confirmed = components['schemas']['Confirmed'];
export type Consent = components['schemas']['Consent'];
export type Constant = components['schemas']['Constant'];
export type Counting = components['schemas']['Counting'];
export type CoursePoint = components['schemas']['CoursePoint'];
export type DayOrder = components['schemas']['DayOrder'];
export type DeleteBall = components['schemas']['DeleteBall'];
export type Direction = components['schemas']['Direction'];
export type Distances = components['schemas']['Distances'];
export type Door = components['schemas']['Door'];
export type Dose = components['schemas']['Dose'];
export type Drawn = components['schemas']['Drawn'];
export type DrawnSet = components['schemas']['DrawnSet'];
export type DrillCourse = components['schemas']['DrillCourse'];
export type DrillFeed = components['schemas']['DrillFeed'];
export type DrillHandout = components['schemas']['DrillHandout'];
export type DrillOutcome = components['schemas']['DrillOutcome'];
export type DrillPart = components['schemas']['DrillPart'];
export type DrillPreview = components['schemas']['DrillPreview'];
export type DrillResult = components['schemas']['DrillResult'];
export type Drills = components['schemas']['Drills'];
export type ErasedResults = components['schemas']['ErasedResults'];
export type Erasure = components['schemas']['Erasure'];
export type Error = components['schemas']['Error'];
export type Estimate = components['schemas']['Estimate'];
export type Estimated = components['schemas']['Estimated'];
export type Fed = components['schemas']['Fed'];
export type Feed = components['schemas']['Feed'];
export type FeedBall = components['schemas']['FeedBall'];
export type FeedDevice = components['schemas']['FeedDevice'];
export type Field = components['schemas']['Field'];
export type Figure = components['schemas']['Figure'];
export type Finding = components['schemas']['Finding'];
export type FirstAccount = components['schemas']['FirstAccount'];
export type FirstStart = components['schemas']['FirstStart'];
export type Found = components['schemas']['Found'];
export type FromDevice = components['schemas']['FromDevice'];
export type Given = components['schemas']['Given'];
export type GivenPrescription = components['schemas']['GivenPrescription'];
export type Goal = components['schemas']['Goal'];
export type GoalChoice = components['schemas']['GoalChoice'];
export type GoodRate = components['schemas']['GoodRate'];
export type GroundAsked = components['schemas']['GroundAsked'];
export type HandOver = components['schemas']['HandOver'];
export type Handed = components['schemas']['Handed'];
export type HandedOut = components['schemas']['HandedOut'];
export type Health = components['schemas']['Health'];
export type HealthPart = components['schemas']['HealthPart'];
export type Held = components['schemas']['Held'];
export type JoinDevice = components['schemas']['JoinDevice'];
export type JoinDrill = components['schemas']['JoinDrill'];
export type KeepStill = components['schemas']['KeepStill'];
export type Language = components['schemas']['Language'];
export type Learned = components['schemas']['Learned'];
export type Ledger = components['schemas']['Ledger'];
export type Lesson = components['schemas']['Lesson'];
export type LessonBase = components['schemas']['LessonBase'];
export type LessonFeed = components['schemas']['LessonFeed'];
export type LessonPage = components['schemas']['LessonPage'];
export type Library = components['schemas']['Library'];
export type LibraryCause = components['schemas']['LibraryCause'];
export type LibraryDrill = components['schemas']['LibraryDrill'];
export type LibrarySchool = components['schemas']['LibrarySchool'];
export type MadeUpBall = components['schemas']['MadeUpBall'];
export type MadeUpSwing = components['schemas']['MadeUpSwing'];
export type MakeAccountLink = components['schemas']['MakeAccountLink'];
export type MakeDevice = components['schemas']['MakeDevice'];
export type MakeLink = components['schemas']['MakeLink'];
export type MakeReports = components['schemas']['MakeReports'];
export type MeasurePicture = components['schemas']['MeasurePicture'];
export type MeasureTrace = components['schemas']['MeasureTrace'];
export type Measured = components['schemas']['Measured'];
export type MeasuredPicture = components['schemas']['MeasuredPicture'];
export type MeasuredTrace = components['schemas']['MeasuredTrace'];
export type Model = components['schemas']['Model'];
export type MoveSession = components['schemas']['MoveSession'];
export type MovedSession = components['schemas']['MovedSession'];
export type Named = components['schemas']['Named'];
export type NamedLearned = components['schemas']['NamedLearned'];
export type NextObservation = components['schemas']['NextObservation'];
export type Observable = components['schemas']['Observable'];
export type Observed = components['schemas']['Observed'];
export type Option = components['schemas']['Option'];
export type Outcome = components['schemas']['Outcome'];
export type OutcomeShare = components['schemas']['OutcomeShare'];
export type Outlook = components['schemas']['Outlook'];
export type OwnCard = components['schemas']['OwnCard'];
export type OwnDrill = components['schemas']['OwnDrill'];
export type OwnWay = components['schemas']['OwnWay'];
export type Part = components['schemas']['Part'];
export type Pass = components['schemas']['Pass'];
export type PastLesson = components['schemas']['PastLesson'];
export type PastSet = components['schemas']['PastSet'];
export type Picture = components['schemas']['Picture'];
export type Ping = components['schemas']['Ping'];
export type PlanSession = components['schemas']['PlanSession'];
export type PlanShot = components['schemas']['PlanShot'];
export type PlannedItem = components['schemas']['PlannedItem'];
export type PlannedOption = components['schemas']['PlannedOption'];
export type Practice = components['schemas']['Practice'];
export type PracticeDrill = components['schemas']['PracticeDrill'];
export type PracticeExport = components['schemas']['PracticeExport'];
export type PracticeNote = components['schemas']['PracticeNote'];
export type Prediction = components['schemas']['Prediction'];
export type Prescription = components['schemas']['Prescription'];
export type Progress = components['schemas']['Progress'];
export type ProgressLesson = components['schemas']['ProgressLesson'];
export type Proposal = components['schemas']['Proposal'];
export type Purpose = components['schemas']['Purpose'];
export type PutAcademy = components['schemas']['PutAcademy'];
export type PutAccount = components['schemas']['PutAccount'];
export type PutBall = components['schemas']['PutBall'];
export type PutBallSet = components['schemas']['PutBallSet'];
export type PutBlindAnswers = components['schemas']['PutBlindAnswers'];
export type PutCoach = components['schemas']['PutCoach'];
export type PutConfirmed = components['schemas']['PutConfirmed'];
export type PutConsent = components['schemas']['PutConsent'];
export type PutLedger = components['schemas']['PutLedger'];
export type PutLesson = components['schemas']['PutLesson'];
export type PutOwnCard = components['schemas']['PutOwnCard'];
export type PutOwnDrill = components['schemas']['PutOwnDrill'];
export type PutPlan = components['schemas']['PutPlan'];
export type PutPracticeNote = components['schemas']['PutPracticeNote'];
export type PutPrescription = components['schemas']['PutPrescription'];
export type PutResult = components['schemas']['PutResult'];
export type PutStudent = components['schemas']['PutStudent'];
export type Px = components['schemas']['Px'];
export type Reading = components['schemas']['Reading'];
export type Recalibrate = components['schemas']['Recalibrate'];
export type RecoveryCodes = components['schemas']['RecoveryCodes'];
export type ReportBatch = components['schemas']['ReportBatch'];
export type Revision = components['schemas']['Revision'];
export type SandCard = components['schemas']['SandCard'];
export type SandPlan = components['schemas']['SandPlan'];
export type SandQuestion = components['schemas']['SandQuestion'];
export type SayCode = components['schemas']['SayCode'];
export type SayPassword = components['schemas']['SayPassword'];
export type SchoolChoice = components['schemas']['SchoolChoice'];
export type Secret = components['schemas']['Secret'];
export type Session = components['schemas']['Session'];
export type SetFigures = components['schemas']['SetFigures'];
export type SetReading = components['schemas']['SetReading'];
export type SetupChange = components['schemas']['SetupChange'];
export type SetupTrial = components['schemas']['SetupTrial'];
export type ShareLink = components['schemas']['ShareLink'];
export type ShareStudent = components['schemas']['ShareStudent'];
export type SheetCheck = components['schemas']['SheetCheck'];
export type SheetColumn = components['schemas']['SheetColumn'];
export type SheetDraft = components['schemas']['SheetDraft'];
export type SheetImport = components['schemas']['SheetImport'];
export type SheetMapping = components['schemas']['SheetMapping'];
export type SheetPlan = components['schemas']['SheetPlan'];
export type Shot = components['schemas']['Shot'];
export type ShotPlan = components['schemas']['ShotPlan'];
export type SignIn = components['schemas']['SignIn'];
export type Statement = components['schemas']['Statement'];
export type Still = components['schemas']['Still'];
export type StoredLesson = components['schemas']['StoredLesson'];
export type Student = components['schemas']['Student'];
export type StudentPage = components['schemas']['StudentPage'];
export type StudentShare = components['schemas']['StudentShare'];
export type TakeBackPrescription = components['schemas']['TakeBackPrescription'];
export type Tally = components['schemas']['Tally'];
export type Target = components['schemas']['Target'];
export type Task = components['schemas']['Task'];
export type Today = components['schemas']['Today'];
export type TodayStudent = components['schemas']['TodayStudent'];
export type Told = components['schemas']['Told'];
export type ToldFigure = components['schemas']['ToldFigure'];
export type Trace = components['schemas']['Trace'];
export type TrySetup = components['schemas']['TrySetup'];
export type Units = components['schemas']['Units'];
export type UseAccountLink = components['schemas']['UseAccountLink'];
export type Usual = components['schemas']['Usual'];
export type View = components['schemas']['View'];
export type Warning = components['schemas']['Warning'];
export type WeighedCause = components['schemas']['WeighedCause'];
export type WeighedClue = components['schemas']['WeighedClue'];
export type Work = components['schemas']['Work'];
export type $defs = Record<string, never>;
export interface operations {
    "academy.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Academy"];
                };
            };
        };
    };
    "academy.put": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutAcademy"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Academy"];
                };
            };
        };
    };
    "academy.audit": {
        parameters: {
            query?: {
                /** @description from 1 on */
                page?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Audit"];
                };
            };
        };
    };
    "academy.audit-sheet": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": unknown;
                };
            };
        };
    };
    "calibration.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Calibration"];
                };
            };
        };
    };
    "calibration.put": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Recalibrate"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Calibration"];
                };
            };
        };
    };
    "academy.put-coach": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                coach: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutCoach"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Academy"];
                };
            };
        };
    };
    "archive.of-coach": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                coach: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": unknown;
                };
            };
        };
    };
    "academy.students": {
        parameters: {
            query?: {
                /** @description from 1 on */
                page?: string;
            };
            header?: never;
            path: {
                coach: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StudentPage"];
                };
            };
        };
    };
    "ledger.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Ledger"];
                };
            };
        };
    };
    "ledger.put": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutLedger"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Ledger"];
                };
            };
        };
    };
    "ledger.lines": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/x-ndjson": unknown;
                };
            };
        };
    };
    "ledger.learn": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Ledger"];
                };
            };
        };
    };
    "account-link.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AccountLink"][];
                };
            };
        };
    };
    "account-link.store": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MakeAccountLink"];
            };
        };
        responses: {
            /** @description Done. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AccountLink"];
                };
            };
        };
    };
    "account-link.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountLink: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "academy.outlook": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Outlook"];
                };
            };
        };
    };
    "archive.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": unknown;
                };
            };
        };
    };
    "archive.store": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    archive: File;
                };
            };
        };
        responses: {
            /** @description Done. */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArchiveImport"];
                };
            };
        };
    };
    "archive.reading": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArchiveImport"];
                };
            };
        };
    };
    "bin.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BinEntry"][];
                };
            };
        };
    };
    "bin.restore-lesson": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "bin.restore-student": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "blind-cases.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindCases"];
                };
            };
        };
    };
    "blind-cases.judge": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutBlindAnswers"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindResult"];
                };
            };
        };
    };
    catalogue: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Catalogue"];
                };
            };
        };
    };
    "account-link.door": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Door"];
                };
            };
        };
    };
    "account-link.enter": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["UseAccountLink"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Coach"];
                };
            };
        };
    };
    feed: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Feed"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Fed"];
                };
            };
        };
    };
    "feed-device.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FeedDevice"][];
                };
            };
        };
    };
    "feed-device.store": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MakeDevice"];
            };
        };
        responses: {
            /** @description Done. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FeedDevice"];
                };
            };
        };
    };
    "feed-device.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                device: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FeedDevice"];
                };
            };
        };
    };
    "feed-device.join": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                device: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["JoinDevice"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FeedDevice"];
                };
            };
        };
    };
    "drill-feed.join": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                device: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["JoinDrill"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FeedDevice"];
                };
            };
        };
    };
    "account.first-start": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FirstStart"];
                };
            };
        };
    };
    "account.make-first": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FirstAccount"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Coach"];
                };
            };
        };
    };
    health: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Health"];
                };
            };
        };
    };
    "lesson.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LessonPage"];
                };
            };
        };
    };
    "lesson.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutLesson"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StoredLesson"];
                };
            };
        };
    };
    "bin.delete-lesson": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    comparison: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Comparison"];
                };
            };
        };
    };
    "prescription.confirm": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutConfirmed"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Confirmed"];
                };
            };
        };
    };
    "feed-device.of-lesson": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LessonFeed"];
                };
            };
        };
    };
    "feed-device.made-up": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MadeUpBall"];
                };
            };
        };
    };
    "feed-device.set-aside": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                feedBall: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "history.of-lesson": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Change"][];
                };
            };
        };
    };
    "prescription.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutPrescription"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Prescription"];
                };
            };
        };
    };
    "prescription.take-back": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TakeBackPrescription"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HandedOut"];
                };
            };
        };
    };
    report: {
        parameters: {
            query?: {
                /** @description a4 or letter. */
                paper?: string;
                /** @description pdf, or print for the page itself. */
                as?: string;
                /** @description en or de, where the coach has not said what the student reads. */
                language?: string;
            };
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": unknown;
                };
            };
        };
    };
    "ball-set.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutBallSet"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SetReading"];
                };
            };
        };
    };
    "ball.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
                ball: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutBall"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SetReading"];
                };
            };
        };
    };
    "ball.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
                ball: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DeleteBall"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SetReading"];
                };
            };
        };
    };
    "history.of-ball": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
                ball: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Revision"][];
                };
            };
        };
    };
    "case-file": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CaseFile"];
                };
            };
        };
    };
    "prescription.propose": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
                cause: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Proposal"];
                };
            };
        };
    };
    "prescription.drills": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Drills"];
                };
            };
        };
    };
    trial: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                set: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TrySetup"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SetupTrial"];
                };
            };
        };
    };
    "still.store": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    still: File;
                };
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Still"];
                };
            };
        };
    };
    "still.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                still: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/jpeg": unknown;
                };
            };
        };
    };
    "still.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lesson: string;
                still: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    library: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Library"];
                };
            };
        };
    };
    "session.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Coach"];
                };
            };
        };
    };
    "account.put": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutAccount"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Coach"];
                };
            };
        };
    };
    "asked-first.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AskedFirst"];
                };
            };
        };
    };
    "account.change-email": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangeEmail"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Coach"];
                };
            };
        };
    };
    "account.change-password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangePassword"];
            };
        };
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "sample.take": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "sample.leave": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "second-factor.turn-on": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SayCode"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RecoveryCodes"];
                };
            };
        };
    };
    "second-factor.begin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SayPassword"];
            };
        };
        responses: {
            /** @description Done. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Secret"];
                };
            };
        };
    };
    "second-factor.turn-off": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SayPassword"];
            };
        };
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "second-factor.say": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SayCode"];
            };
        };
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "measure.made-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MadeUpSwing"][];
                };
            };
        };
    };
    "measure.picture": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeasurePicture"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MeasuredPicture"];
                };
            };
        };
    };
    "measure.trace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeasureTrace"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MeasuredTrace"];
                };
            };
        };
    };
    "own-way.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OwnWay"];
                };
            };
        };
    };
    "own-way.put-card": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutOwnCard"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OwnCard"];
                };
            };
        };
    };
    "own-way.delete-card": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "own-way.put-drill": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                drill: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutOwnDrill"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DrillPreview"];
                };
            };
        };
    };
    "own-way.delete-drill": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                drill: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    ping: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Ping"];
                };
            };
        };
    };
    "report-batch.store": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MakeReports"];
            };
        };
        responses: {
            /** @description Done. */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReportBatch"];
                };
            };
        };
    };
    "report-batch.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                batch: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReportBatch"];
                };
            };
        };
    };
    "report-batch.download": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                batch: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": unknown;
                };
            };
        };
    };
    schema: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/schema+json": unknown;
                };
            };
        };
    };
    "session.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"][];
                };
            };
        };
    };
    "session.end-others": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "session.end": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "shared.show": {
        parameters: {
            query?: {
                /** @description en or de, where the reader chose one himself */
                language?: string;
            };
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Practice"];
                };
            };
        };
    };
    "shared.erase": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErasedResults"];
                };
            };
        };
    };
    "shared.export": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PracticeExport"];
                };
            };
        };
    };
    "practice-note.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
                note: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutPracticeNote"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PracticeNote"];
                };
            };
        };
    };
    "practice-note.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
                note: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "shared.calendar": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/calendar": unknown;
                };
            };
        };
    };
    "shared.put-result": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
                result: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutResult"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DrillResult"];
                };
            };
        };
    };
    "student-trail.of-link": {
        parameters: {
            query?: {
                /** @description from 1 on */
                page?: string;
            };
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Audit"];
                };
            };
        };
    };
    "sheet.forget-preset": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                preset: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "sheet.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetImport"];
                };
            };
        };
    };
    "sheet.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "sheet.check": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SheetPlan"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetCheck"];
                };
            };
        };
    };
    "sheet.confirm": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SheetPlan"];
            };
        };
        responses: {
            /** @description Done. */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetImport"];
                };
            };
        };
    };
    "sheet.go-on": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetImport"];
                };
            };
        };
    };
    "sheet.stop": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetImport"];
                };
            };
        };
    };
    "shot.brush": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Brush"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Brushed"];
                };
            };
        };
    };
    "shot.plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanShot"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShotPlan"];
                };
            };
        };
    };
    "shot.sand": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SandQuestion"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SandPlan"];
                };
            };
        };
    };
    "session.store": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SignIn"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Coach"];
                };
            };
        };
    };
    "session.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "student.index": {
        parameters: {
            query?: {
                /** @description from 1 on */
                page?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Student"][];
                };
            };
        };
    };
    "student.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Student"];
                };
            };
        };
    };
    "student.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutStudent"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Student"];
                };
            };
        };
    };
    "bin.delete-student": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "shot.keep-brush": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                brush: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Brush"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Brushed"];
                };
            };
        };
    };
    "consent.index": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Consent"][];
                };
            };
        };
    };
    "consent.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                consent: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutConsent"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Consent"];
                };
            };
        };
    };
    "consent.withdraw": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                consent: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Consent"];
                };
            };
        };
    };
    "shot.distances": {
        parameters: {
            query?: {
                /** @description What to take for this carry. */
                target_m?: string;
            };
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Distances"];
                };
            };
        };
    };
    "drill-feed.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DrillFeed"];
                };
            };
        };
    };
    "drill-feed.made-up": {
        parameters: {
            query?: {
                /** @description The carry that is asked for. */
                target_m?: string;
            };
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MadeUpBall"];
                };
            };
        };
    };
    "drill-feed.counted": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                feedBall: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "bin.erase": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Erasure"];
                };
            };
        };
    };
    "student-share.hand-over": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HandOver"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Student"];
                };
            };
        };
    };
    "share-link.index": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShareLink"][];
                };
            };
        };
    };
    "share-link.store": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MakeLink"];
            };
        };
        responses: {
            /** @description Done. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShareLink"];
                };
            };
        };
    };
    "share-link.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                link: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShareLink"];
                };
            };
        };
    };
    "share-link.restore": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                link: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShareLink"];
                };
            };
        };
    };
    "practice.put-plan": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutPlan"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Practice"];
                };
            };
        };
    };
    "practice.move-session": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                session: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MoveSession"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MovedSession"];
                };
            };
        };
    };
    "practice.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Practice"];
                };
            };
        };
    };
    "practice.calendar": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/calendar": unknown;
                };
            };
        };
    };
    progress: {
        parameters: {
            query?: {
                /** @description Only lessons of this shot. */
                shot?: string;
                /** @description Only lessons from this lie. */
                lie?: string;
                /** @description How many lessons to tell in full. */
                drawn?: string;
            };
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Progress"];
                };
            };
        };
    };
    "practice.put-result": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                result: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutResult"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DrillResult"];
                };
            };
        };
    };
    "student-share.index": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StudentShare"][];
                };
            };
        };
    };
    "student-share.put": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                coach: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ShareStudent"];
            };
        };
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StudentShare"];
                };
            };
        };
    };
    "student-share.destroy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
                coach: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "sheet.index": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetImport"][];
                };
            };
        };
    };
    "sheet.store": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    sheet: File;
                };
            };
        };
        responses: {
            /** @description Done. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetDraft"];
                };
            };
        };
    };
    "still.index": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Still"][];
                };
            };
        };
    };
    "student-trail.of-student": {
        parameters: {
            query?: {
                /** @description from 1 on */
                page?: string;
            };
            header?: never;
            path: {
                student: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Audit"];
                };
            };
        };
    };
    today: {
        parameters: {
            query?: {
                /** @description Part of a name or of a cause. */
                q?: string;
                /** @description Only these: slipping, retest, practice, well or inactive. Without it all but the inactive. */
                group?: string;
                /** @description Only those at work on this shot. */
                shot?: string;
                /** @description urgency, name or last (lesson). */
                order?: string;
                /** @description From 1 on. */
                page?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Today"];
                };
            };
        };
    };
}
