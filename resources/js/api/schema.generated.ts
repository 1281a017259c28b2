export interface paths {
    "/ahead": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What falls due, the next first */
        get: {
            parameters: {
                query?: {
                    /** @description What has no day instead */
                    undated?: boolean;
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description What falls due, the next first */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["DueCard"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/ahead/{item}/settled": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Settled: it was looked at */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    item: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Settled: it was looked at */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["DueCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Not looked at after all: it falls due as before */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    item: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Not looked at after all: it falls due as before */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["DueCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/ask": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ask in words, or a calculator by its name: how it is understood, and what was found */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        text?: string;
                        /** @enum {string} */
                        unit?: "mm" | "in";
                        as?: number;
                        calculator?: string;
                        input?: {
                            [key: string]: unknown;
                        } | null;
                    };
                };
            };
            responses: {
                /** @description Ask in words, or a calculator by its name: how it is understood, and what was found */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Asked"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/begin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whether this address still begins a shop */
        get: {
            parameters: {
                query?: {
                    /** @description As the printed address has it */
                    expires?: string;
                    /** @description As the printed address has it */
                    signature?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Begin the shop, with its owner, who is signed in */
        post: {
            parameters: {
                query?: {
                    /** @description As the printed address has it */
                    expires?: string;
                    /** @description As the printed address has it */
                    signature?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        shop?: {
                            name: string;
                            place?: string | null;
                            time_zone?: string;
                            currency?: string;
                            hour?: string;
                            /** @enum {string} */
                            units?: "mm" | "in";
                            /** @enum {string} */
                            paper?: "a4" | "letter";
                            press?: string | null;
                            /** @enum {string} */
                            draw_bolt?: "M8" | "M10" | "M12" | "M14" | "M16" | "M20";
                            lock_minutes?: number | null;
                            alone?: boolean;
                            prices?: boolean;
                        };
                        person?: {
                            name: string;
                            /** Format: email */
                            email: string;
                            password: string;
                        };
                    };
                };
            };
            responses: {
                /** @description Begin the shop, with its owner, who is signed in */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Person"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench-day": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The bench day: who gets hands when, what waits, when each is done */
        get: {
            parameters: {
                query?: {
                    /** @description Minutes after midnight at which it begins */
                    from?: number;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description The bench day: who gets hands when, what waits, when each is done */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["BenchDaySheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Jobs of the bench day in their order; it is planned anew */
        put: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        from?: number;
                        jobs: number[];
                    };
                };
            };
            responses: {
                /** @description Jobs of the bench day in their order; it is planned anew */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["BenchDaySheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every calculator: what it answers and what it takes */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Every calculator: what it answers and what it takes */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["CalculatorCard"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/axle-ends": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Axle in the middle
         * @description How far it is turned, and whether it stays inside the dropout.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "left_mm": 4.2,
                     *       "right_mm": 6.6,
                     *       "thread": "M10 × 1",
                     *       "dropout_mm": 7,
                     *       "quick_release": true
                     *     }
                     */
                    "application/json": {
                        /** @description Sticks out, left */
                        left_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Sticks out, right */
                        right_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Thread of the axle */
                        thread?: string;
                        /**
                         * @description Stuck out before, left
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        before_left_mm?: number | string;
                        /**
                         * @description Stuck out before, right
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        before_right_mm?: number | string;
                        /**
                         * @description Dropout, thickness
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        dropout_mm?: number | string;
                        /** @description Held by a quick-release */
                        quick_release?: boolean;
                    };
                };
            };
            responses: {
                /** @description Axle in the middle */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["AxleEndsResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/axle-float": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * End float and washers
         * @description Free space between the retainers, and which washers to add.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "space_mm": 84.6,
                     *       "wheel_mm": 78.4,
                     *       "fitted_mm": 4,
                     *       "washers": [
                     *         {
                     *           "thickness_mm": 0.5,
                     *           "count": 4
                     *         },
                     *         {
                     *           "thickness_mm": 1,
                     *           "count": 2
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /** @description Room between the retainers */
                        space_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Wheel, width over its bearings */
                        wheel_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Washers in it now, together */
                        fitted_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Washers that lie there */
                        washers?: {
                            /**
                             * @description Thickness
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            thickness_mm: number | string;
                            /**
                             * @description How many
                             * @example 30
                             * @example 30
                             */
                            count?: number | string;
                        }[];
                        /** @description There is a thrust washer on both sides */
                        both_sides?: boolean;
                    };
                };
            };
            responses: {
                /** @description End float and washers */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["FloatResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/balls": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Size loose balls
         * @description Nearest standard ball, and whether they are mixed or worn.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "balls": [
                     *         {
                     *           "diameter_mm": 6.35
                     *         },
                     *         {
                     *           "diameter_mm": 6.34
                     *         },
                     *         {
                     *           "diameter_mm": 6.36
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /** @description Balls */
                        balls: {
                            /**
                             * @description Diameter
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            diameter_mm: number | string;
                        }[];
                        /**
                         * @description Read with
                         * @enum {string}
                         */
                        instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                    };
                };
            };
            responses: {
                /** @description Size loose balls */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PartFound"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/balls-in-cup": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How many balls
         * @description By the circle they run on, and what came out.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "circle_mm": 21,
                     *       "ball_mm": "1/4 in",
                     *       "found": 10
                     *     }
                     */
                    "application/json": {
                        /** @description Circle through the middles of the balls */
                        circle_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Ball
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        ball_mm: number | string;
                        /**
                         * @description Balls that came out
                         * @example 30
                         * @example 30
                         */
                        found?: number | string;
                        /** @description The circle was measured */
                        measured?: boolean;
                    };
                };
            };
            responses: {
                /** @description How many balls */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["BallsInCupResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/bearing-from-caliper": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Find a bearing by caliper
         * @description Bore, outside and width, some missing.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 20.02,
                     *       "outside_mm": 46.97,
                     *       "width_mm": 13.95,
                     *       "state": "worn"
                     *     }
                     */
                    "application/json": {
                        /** @description Bore */
                        bore_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Outside diameter */
                        outside_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Width */
                        width_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description State of the rings
                         * @enum {string}
                         */
                        state?: "clean" | "worn" | "rusty";
                        /**
                         * @description Measured on
                         * @enum {string}
                         */
                        on?: "bearing" | "seats";
                    };
                };
            };
            responses: {
                /** @description Find a bearing by caliper */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["BearingFromCaliperResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/bearing-number": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read a bearing number
         * @description What is stamped on the ring, taken apart.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "number": "6204 2RS C3",
                     *       "use": "fast_wheel",
                     *       "nipple": "none"
                     *     }
                     */
                    "application/json": {
                        /** @description What is stamped on the ring */
                        number: string;
                        /**
                         * @description The hub is
                         * @enum {string}
                         */
                        use?: "fast_wheel" | "slow_wheel" | "blade" | "pivot";
                        /**
                         * @description Grease nipple
                         * @enum {string}
                         */
                        nipple?: "none" | "used" | "unused";
                        /** @description The hub has seals of its own */
                        hub_seals?: boolean;
                        /** @description Runs in the wet */
                        wet?: boolean;
                    };
                };
            };
            responses: {
                /** @description Read a bearing number */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["BearingNumberResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/bearings-or-assembly": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Bearings or the assembly
         * @description Both ways in money, and where they meet.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "parts": "38.40",
                     *       "minutes": 90,
                     *       "assembly": "240.00",
                     *       "assembly_minutes": 30,
                     *       "hour": "54.00",
                     *       "risk": 10
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bearings, seals and what goes with them
                         * @example 12.50
                         */
                        parts: string | number;
                        /**
                         * @description Minutes at the bench
                         * @example 30
                         * @example 30
                         */
                        minutes: number | string;
                        /**
                         * @description The assembly, new
                         * @example 12.50
                         */
                        assembly: string | number;
                        /**
                         * @description Minutes to fit the assembly
                         * @example 30
                         * @example 30
                         */
                        assembly_minutes: number | string;
                        /**
                         * @description Labour rate per hour
                         * @example 12.50
                         */
                        hour: string | number;
                        /**
                         * @description Of a hundred such hubs, how many turn out worn
                         * @example 30
                         * @example 30
                         */
                        risk?: number | string;
                    };
                };
            };
            responses: {
                /** @description Bearings or the assembly */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["AssemblyResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/bore-survey": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Survey a bore, shaft or seal track
         * @description Diameters at up to three depths and three clock directions.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "readings": [
                     *         {
                     *           "depth": "lip",
                     *           "clock": "12",
                     *           "diameter_mm": 46.98
                     *         },
                     *         {
                     *           "depth": "lip",
                     *           "clock": "2",
                     *           "diameter_mm": 46.98
                     *         },
                     *         {
                     *           "depth": "lip",
                     *           "clock": "4",
                     *           "diameter_mm": 46.99
                     *         },
                     *         {
                     *           "depth": "bottom",
                     *           "clock": "12",
                     *           "diameter_mm": 46.98
                     *         },
                     *         {
                     *           "depth": "bottom",
                     *           "clock": "2",
                     *           "diameter_mm": 46.97
                     *         },
                     *         {
                     *           "depth": "bottom",
                     *           "clock": "4",
                     *           "diameter_mm": 46.98
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /** @description Diameters */
                        readings: {
                            /**
                             * @description How deep
                             * @enum {string}
                             */
                            depth: "lip" | "middle" | "bottom";
                            /**
                             * @description Clock direction
                             * @example 12
                             * @example 1:30
                             */
                            clock: string | number;
                            /** @description Diameter */
                            diameter_mm: (number | string) | {
                                /**
                                 * @example 25.4
                                 * @example 1 1/16 in
                                 */
                                value: number | string;
                                plus_minus_mm?: number;
                                /** @enum {string} */
                                instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                            };
                        }[];
                        /**
                         * @description How a ring goes in
                         * @enum {string}
                         */
                        feel?: "rattles" | "drops_in" | "thumb_push" | "light_taps" | "firm_driving" | "will_not_start";
                        /**
                         * @description What is surveyed
                         * @enum {string}
                         */
                        wall?: "bore" | "shaft" | "seal_track";
                        /** @description What it looks like */
                        look?: ("bright_band" | "pits" | "score_caught" | "rust_at_lip" | "grips_at_mouth" | "even_grey")[];
                        /**
                         * @description Size of the ring that sits there
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        ring_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description Survey a bore, shaft or seal track */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["BoreSurveyResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/clearance-left": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Clearance left after pressing
         * @description What the fit leaves of the bearing's own clearance.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 20,
                     *       "outside_mm": 47,
                     *       "pressure_mpa": 5.42,
                     *       "class": "CN"
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /** @description Pressure on the outer ring */
                        pressure_mpa?: number;
                        /**
                         * @description Clearance class
                         * @enum {string}
                         */
                        class?: "C2" | "CN" | "C3";
                        /** @description Pressure in the inner ring */
                        shaft_pressure_mpa?: number;
                        /** @description Pressure, give or take */
                        pressure_plus_minus_mpa?: number;
                        /** @description Runs in a fast blade spindle */
                        blade?: boolean;
                    };
                };
            };
            responses: {
                /** @description Clearance left after pressing */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ClearanceLeftResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/cone-coach": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Set a cone
         * @description The next mark to try, until it is right.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "radius_mm": 290,
                     *       "spacing_mm": 52,
                     *       "circle_mm": 21,
                     *       "axle": "quick_release",
                     *       "tries": [
                     *         {
                     *           "mark_deg": 0,
                     *           "stage": "open",
                     *           "felt": "play",
                     *           "rim_play_mm": 1.2
                     *         },
                     *         {
                     *           "mark_deg": 0,
                     *           "stage": "locked",
                     *           "felt": "play",
                     *           "rim_play_mm": 0.9
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Rim, radius where play is read
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        radius_mm: number | string;
                        /**
                         * @description Between the two rows of balls
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        spacing_mm: number | string;
                        /**
                         * @description Circle of the balls
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        circle_mm: number | string;
                        /** @description Tries */
                        tries?: {
                            /** @description Mark of the cone, clockwise is tighter */
                            mark_deg: number;
                            /**
                             * @description Judged
                             * @enum {string}
                             */
                            stage: "open" | "one_nut" | "locked" | "clamped";
                            /**
                             * @description Felt
                             * @enum {string}
                             */
                            felt: "binds" | "gritty" | "none" | "trace" | "play";
                            /** @description Play at the rim, from end to end */
                            rim_play_mm?: (number | string) | {
                                /**
                                 * @example 25.4
                                 * @example 1 1/16 in
                                 */
                                value: number | string;
                                plus_minus_mm?: number;
                                /** @enum {string} */
                                instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                            };
                        }[];
                        /** @description Thread of the axle */
                        thread?: string;
                        /**
                         * @description Axle
                         * @enum {string}
                         */
                        axle?: "solid" | "quick_release";
                        /**
                         * @description Hole through the axle
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        axle_bore_mm?: number | string;
                        /**
                         * @description Between the threads of the two cones
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        between_mm?: number | string;
                        /**
                         * @description Lever
                         * @enum {string}
                         */
                        lever?: "light" | "usual" | "firm";
                        /** @description No play on the bench, whatever the lever takes */
                        none_on_the_bench?: boolean;
                        /** @description Lock nuts on earlier hubs */
                        earlier?: {
                            /** @description Moved the cone, tighter is more */
                            shift_deg: number;
                        }[];
                    };
                };
            };
            responses: {
                /** @description Set a cone */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ConeCoachResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/cone-play": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Rim play to cone turn
         * @description End play, turn of the cone, and what the lever takes up.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "rim_play_mm": 1.2,
                     *       "radius_mm": 290,
                     *       "spacing_mm": 52,
                     *       "circle_mm": 21,
                     *       "thread": "M10 × 1",
                     *       "axle": "quick_release",
                     *       "axle_bore_mm": 5
                     *     }
                     */
                    "application/json": {
                        /** @description Play at the rim, from end to end */
                        rim_play_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Rim, radius where it was read
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        radius_mm: number | string;
                        /**
                         * @description Between the two rows of balls
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        spacing_mm: number | string;
                        /**
                         * @description Circle of the balls
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        circle_mm: number | string;
                        /** @description Thread of the axle */
                        thread?: string;
                        /**
                         * @description Axle
                         * @enum {string}
                         */
                        axle?: "solid" | "quick_release";
                        /**
                         * @description Hole through the axle
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        axle_bore_mm?: number | string;
                        /**
                         * @description Between the threads of the two cones
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        between_mm?: number | string;
                        /**
                         * @description Lever
                         * @enum {string}
                         */
                        lever?: "light" | "usual" | "firm";
                    };
                };
            };
            responses: {
                /** @description Rim play to cone turn */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ConePlayResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/conversion": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Cups to cartridges
         * @description Bearings for the seats of cups, and the pieces to make.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "seat_left_mm": 32,
                     *       "seat_right_mm": 32.02,
                     *       "axle_mm": 12,
                     *       "depth_mm": 10,
                     *       "span_mm": 50
                     *     }
                     */
                    "application/json": {
                        /** @description Seat of the cup, left */
                        seat_left_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Seat of the cup, right */
                        seat_right_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Axle
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        axle_mm: number | string;
                        /** @description Depth of the seats */
                        depth_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Between the shoulders */
                        span_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Bearing that was chosen */
                        chosen?: string;
                    };
                };
            };
            responses: {
                /** @description Cups to cartridges */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ConversionResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/defect-orders": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Where a bearing speaks
         * @description Times a turn and a second that a hurt ring, ball or cage speaks.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "number": "6204",
                     *       "turning": "outer",
                     *       "turns_a_minute": 150
                     *     }
                     */
                    "application/json": {
                        /** @description Number of the bearing */
                        number?: string;
                        /**
                         * @description Or its bore
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm?: number | string;
                        /**
                         * @description and its outside diameter
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm?: number | string;
                        /**
                         * @description The ring that turns
                         * @enum {string}
                         */
                        turning?: "outer" | "inner";
                        /**
                         * @description Turns a minute
                         * @example 30
                         * @example 30
                         */
                        turns_a_minute?: number | string;
                    };
                };
            };
            responses: {
                /** @description Where a bearing speaks */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["DefectOrdersResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/draw-rod": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * The draw rod
         * @description How long it must be, and may be.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "over_faces_mm": 104,
                     *       "driver_length_mm": 60,
                     *       "bore_mm": 20,
                     *       "draw_bolt": "M12",
                     *       "socket_depth_mm": 38,
                     *       "rod_mm": 250,
                     *       "force_n": 1800
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Hub over its two faces
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        over_faces_mm: number | string;
                        /**
                         * @description Driver stands out of the hub by
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        driver_length_mm: number | string;
                        /**
                         * @description Bore of the bearing, which the rod passes
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Draw bolt
                         * @enum {string}
                         */
                        draw_bolt?: "M8" | "M10" | "M12" | "M14" | "M16" | "M20";
                        /**
                         * @description Washers, all together
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        washers_mm?: number | string;
                        /**
                         * @description Depth of the socket that turns the nut
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        socket_depth_mm?: number | string;
                        /**
                         * @description Rod there is
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        rod_mm?: number | string;
                        /** @description Most force reckoned with */
                        force_n?: number;
                    };
                };
            };
            responses: {
                /** @description The draw rod */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["DrawRodResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/driver": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Choose the driver
         * @description Which tool stands on the ring that is pushed, and what to make when none does.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 20,
                     *       "outside_mm": 47,
                     *       "depth_mm": 9.2,
                     *       "tools": [
                     *         {
                     *           "name": "42 cup",
                     *           "outside_mm": 46.2,
                     *           "opening_mm": 37,
                     *           "length_mm": 60
                     *         },
                     *         {
                     *           "name": "24 socket",
                     *           "outside_mm": 32,
                     *           "opening_mm": 24,
                     *           "length_mm": 45,
                     *           "kind": "impact_socket"
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /** @description Tools */
                        tools: {
                            /** @description Name */
                            name: string;
                            /**
                             * @description Outside of the face
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            outside_mm: number | string;
                            /**
                             * @description Opening of the face, none when solid
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            opening_mm?: number | string;
                            /**
                             * @description Length
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            length_mm?: number | string;
                            /**
                             * @description Kind
                             * @enum {string}
                             */
                            kind?: "cup" | "disc" | "pipe" | "impact_socket" | "chrome_socket" | "old_ring" | "seal_lever" | "ring_pliers_in" | "ring_pliers_out" | "drift" | "soft_mallet" | "puller_blind" | "slide_hammer" | "rod" | "press" | "heat_gun" | "thermometer" | "jaw_puller" | "magnet" | "cutters" | "cone_spanner" | "spanner" | "socket" | "ring_nut_tool" | "cap_spanner" | "lock_ring_tool" | "chain_whip" | "freewheel_remover" | "chisel" | "washer" | "stand_ring" | "torque_wrench" | "gauge" | "freezer";
                        }[];
                        /**
                         * @description How deep the ring ends below the face, or down the shaft
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        depth_mm?: number | string;
                        /** @description A thin-section bearing (68, 69) */
                        thin?: boolean;
                        /**
                         * @description What it is to do
                         * @enum {string}
                         */
                        way?: "into_bore" | "onto_shaft" | "both_rings" | "out_from_behind";
                        /**
                         * @description Bore of the shoulder it comes out through
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        ledge_mm?: number | string;
                        /**
                         * @description Axle that stands through it already
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        axle_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description Choose the driver */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["DriverChoiceResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/fit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Fit of a ring in its bore
         * @description Interference from readings and from how it goes in.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "outside_mm": 47,
                     *       "bore_mm": 46.98,
                     *       "feel": "firm_driving"
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Outside diameter of the bearing, nominal
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /** @description Bore of the housing, measured */
                        bore_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Outside diameter of the bearing, measured */
                        outside_measured_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description How it goes in, the hub cold
                         * @enum {string}
                         */
                        feel?: "rattles" | "drops_in" | "thumb_push" | "light_taps" | "firm_driving" | "will_not_start";
                        /**
                         * @description Fit the maker bores to, when nothing is measured
                         * @enum {string}
                         */
                        hole_class?: "H7" | "J7" | "K7" | "M7" | "N7" | "P7";
                        /**
                         * @description What the hub is made of
                         * @enum {string}
                         */
                        material?: "aluminium" | "magnesium" | "cast_iron" | "steel" | "zinc" | "nylon";
                        /** @description Temperature of the shop */
                        room_c?: number;
                        /** @description Retaining compound rated for the gap will be used */
                        compound?: boolean;
                        /**
                         * @description What the seat is meant to do
                         * @enum {string}
                         */
                        meant?: "pressed_fast" | "pressed_slow" | "stands_still" | "clamped" | "slides";
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        ring_bore_mm?: number | string;
                        /**
                         * @description Width of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        width_mm?: number | string;
                        /**
                         * @description Outside of the hub around the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        hub_outside_mm?: number | string;
                        /** @description What the wall looks like */
                        looks?: ("bright_band" | "pits" | "score_caught" | "rust_at_lip" | "grips_at_mouth" | "even_grey")[];
                        /** @description Temperature of the hub when it was measured */
                        part_c?: number;
                        /** @description Warmest it runs */
                        runs_at_c?: number;
                        /**
                         * @description To what the ring was made
                         * @enum {string}
                         */
                        made?: "normal" | "inch_taper";
                    };
                };
            };
            responses: {
                /** @description Fit of a ring in its bore */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["FitResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/force-watch": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Is the gauge right
         * @description What press gauge or draw wrench shows against what was reckoned.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "force_low_n": 900,
                     *       "force_high_n": 1800,
                     *       "pressure_mpa": 0.7,
                     *       "ram_mm": 50
                     *     }
                     */
                    "application/json": {
                        /** @description Least force reckoned with */
                        force_low_n: number;
                        /** @description Most force reckoned with */
                        force_high_n: number;
                        /** @description Force shown */
                        force_n?: number;
                        /** @description Pressure shown */
                        pressure_mpa?: number;
                        /**
                         * @description Piston of the press
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        ram_mm?: number | string;
                        /** @description Torque on the draw nut */
                        torque_nm?: number;
                        /**
                         * @description Draw bolt
                         * @enum {string}
                         */
                        draw_bolt?: "M8" | "M10" | "M12" | "M14" | "M16" | "M20";
                        /** @description Threads are oiled */
                        oiled?: boolean;
                        /**
                         * @description Still to go
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        to_go_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description Is the gauge right */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ForceWatchResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/grease": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Grease
         * @description How much, and which seal comes out.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 25,
                     *       "outside_mm": 52,
                     *       "width_mm": 15,
                     *       "use": "fast_wheel"
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /**
                         * @description Width of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        width_mm: number | string;
                        /**
                         * @description The hub is
                         * @enum {string}
                         */
                        use?: "fast_wheel" | "slow_wheel" | "blade" | "pivot";
                        /** @description Runs in the wet */
                        wet?: boolean;
                        /**
                         * @description Grease nipple
                         * @enum {string}
                         */
                        nipple?: "none" | "used" | "unused";
                        /**
                         * @description Seals on the bearing, 0 to 2
                         * @example 30
                         * @example 30
                         */
                        seals?: number | string;
                        /** @description The hub has seals of its own */
                        hub_seals?: boolean;
                        /** @description Shop packs sealed bearings fuller */
                        opens_sealed?: boolean;
                        /** @description Coldest it runs */
                        coldest_c?: number;
                        /**
                         * @description Cavity between the bearings: inside of the hub
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        cavity_outside_mm?: number | string;
                        /**
                         * @description Cavity: outside of the shaft or spacer tube
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        cavity_inside_mm?: number | string;
                        /**
                         * @description Cavity: length
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        cavity_length_mm?: number | string;
                        /**
                         * @description Grease that was in it
                         * @enum {string}
                         */
                        old?: "lithium" | "lithium_complex" | "calcium" | "calcium_sulfonate" | "polyurea" | "clay" | "aluminium_complex";
                        /**
                         * @description Grease going in
                         * @enum {string}
                         */
                        new?: "lithium" | "lithium_complex" | "calcium" | "calcium_sulfonate" | "polyurea" | "clay" | "aluminium_complex";
                    };
                };
            };
            responses: {
                /** @description Grease */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["GreaseResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/heat": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How warm the hub
         * @description Temperature at which the ring drops in.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "outside_mm": 47,
                     *       "interference_mm": 0.025,
                     *       "material": "aluminium",
                     *       "room_c": 18
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /**
                         * @description Interference
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        interference_mm: number | string;
                        /**
                         * @description What the hub is made of
                         * @enum {string}
                         */
                        material?: "aluminium" | "magnesium" | "cast_iron" | "steel" | "zinc" | "nylon";
                        /** @description Temperature of the shop */
                        room_c?: number;
                        /**
                         * @description What limits the heat
                         * @enum {string}
                         */
                        finish?: "bare" | "paint" | "powder" | "rubber" | "plastic";
                        /** @description The bearing comes out of a freezer */
                        freezer?: boolean;
                    };
                };
            };
            responses: {
                /** @description How warm the hub */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["HeatResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/heat-clock": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How long is it warm enough
         * @description Seconds left from a hub temperature just read.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "hub_c": 85,
                     *       "room_c": 18,
                     *       "outside_mm": 47,
                     *       "interference_mm": 0.02,
                     *       "mass": "medium"
                     *     }
                     */
                    "application/json": {
                        /** @description Hub now */
                        hub_c: number;
                        /** @description Temperature of the shop */
                        room_c: number;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /**
                         * @description Interference
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        interference_mm: number | string;
                        /**
                         * @description How heavy it is
                         * @enum {string}
                         */
                        mass?: "light" | "medium" | "heavy";
                        /**
                         * @description What the hub is made of
                         * @enum {string}
                         */
                        material?: "aluminium" | "magnesium" | "cast_iron" | "steel" | "zinc" | "nylon";
                    };
                };
            };
            responses: {
                /** @description How long is it warm enough */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["HeatClockResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/home": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Is it home on its shoulder
         * @description From depths, from hands, or both; and the groove.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "width_mm": 14,
                     *       "ledge_depth_mm": 23.2,
                     *       "depth_mm": 9.22,
                     *       "signs": [
                     *         "note_changed",
                     *         "feeler_refused"
                     *       ],
                     *       "groove_edge_depth_mm": 9.1
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Width of the bearing, by its number
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        width_mm: number | string;
                        /** @description Depth of the shoulder below the face */
                        ledge_depth_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Mean depth of the ring below the face */
                        depth_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Width of the bearing, measured */
                        width_measured_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Tilt across the ring
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        tilt_mm?: number | string;
                        /** @description What hands and ears tell */
                        signs?: ("note_changed" | "hard_stop" | "feeler_refused" | "light_under")[];
                        /**
                         * @description Depth of the groove's inner edge
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        groove_edge_depth_mm?: number | string;
                        /**
                         * @description Width of the groove
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        groove_width_mm?: number | string;
                        /**
                         * @description Thickness of the snap ring
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        ring_thickness_mm?: number | string;
                        /** @description Work has gone on: ring, second bearing or signature */
                        gone_on?: boolean;
                    };
                };
            };
            responses: {
                /** @description Is it home on its shoulder */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["HomeResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/length": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * A length, mm and inch
         * @description Reads what people type and shows it both ways.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "typed": "1 1/16 in"
                     *     }
                     */
                    "application/json": {
                        /** @description What was typed */
                        typed: string;
                        /**
                         * @description What a bare number is in
                         * @enum {string}
                         */
                        unit?: "mm" | "in";
                    };
                };
            };
            responses: {
                /** @description A length, mm and inch */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["LengthReadingResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/listen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * What a wheel sounds like
         * @description A recording of a spun wheel, with a tap at each turn: what it tells.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "samples": [
                     *         0,
                     *         0.1,
                     *         0,
                     *         -0.1
                     *       ],
                     *       "samples_a_second": 16000,
                     *       "number": "6204",
                     *       "turning": "outer"
                     *     }
                     */
                    "application/json": {
                        /** @description The recording, a WAV file as base64 */
                        recording?: string;
                        /** @description Or its samples, from −1 to 1 */
                        samples?: number[];
                        /**
                         * @description Samples a second
                         * @example 30
                         * @example 30
                         */
                        samples_a_second?: number | string;
                        /** @description Number of the bearing */
                        number?: string;
                        /**
                         * @description Or its bore
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm?: number | string;
                        /**
                         * @description and its outside diameter
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm?: number | string;
                        /**
                         * @description The ring that turns
                         * @enum {string}
                         */
                        turning?: "outer" | "inner";
                        /** @description Times of the passes, in seconds */
                        passes?: string;
                        /** @description Tapped on the screen of the device that recorded */
                        taps_are_heard?: boolean;
                        /** @description The hub has a freehub */
                        freehub?: boolean;
                        /** @description A recording from before, as base64 */
                        before?: string;
                        /** @description Its passes */
                        before_passes?: string;
                    };
                };
            };
            responses: {
                /** @description What a wheel sounds like */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ListenResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/match-check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Old beside new
         * @description Does what came match what came out.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "old_number": "6204 2RS",
                     *       "new_number": "6204 DDU C3",
                     *       "width_mm": 13.96
                     *     }
                     */
                    "application/json": {
                        /** @description Number of the old bearing */
                        old_number: string;
                        /** @description Number of the new bearing */
                        new_number: string;
                        /** @description Bore of the new one, measured */
                        bore_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Outside diameter of the new one, measured */
                        outside_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Width of the new one, measured */
                        width_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                    };
                };
            };
            responses: {
                /** @description Old beside new */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["MatchCheckResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/match-part": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Any part, old beside new
         * @description The sizes that matter, side by side.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "kind": "cone",
                     *       "sizes": [
                     *         {
                     *           "what": "thread",
                     *           "old": "M10x1",
                     *           "new": "M10x1"
                     *         },
                     *         {
                     *           "what": "ball",
                     *           "old": "6.35",
                     *           "new": "6.35"
                     *         },
                     *         {
                     *           "what": "track_radius",
                     *           "old": "3.6",
                     *           "new": "3.2"
                     *         },
                     *         {
                     *           "what": "length",
                     *           "old": "16.2",
                     *           "new": "16.0"
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description What part it is
                         * @enum {string}
                         */
                        kind: "axle" | "housing" | "bearing" | "double_row" | "flanged_bearing" | "angular_bearing" | "bush" | "taper_cone" | "taper_cup" | "cup" | "cone" | "balls" | "seal" | "felt" | "dust_cap" | "ring_nut" | "snap_ring" | "clip" | "sleeve" | "washer" | "spacer" | "collar" | "end_cap" | "lock_nut" | "castle_nut" | "hub_flange" | "freehub" | "o_ring" | "nipple" | "seat_ring" | "axle_bush";
                        /** @description Sizes, old beside new */
                        sizes: {
                            /** @description What */
                            what: string;
                            /** @description Old */
                            old: string;
                            /** @description New */
                            new: string;
                        }[];
                    };
                };
            };
            responses: {
                /** @description Any part, old beside new */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["MatchCheckResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/next-tool": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which driver next
         * @description From the bearings that were fitted and the drivers there are.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "fitted": [
                     *         {
                     *           "number": "6204",
                     *           "bore_mm": 20,
                     *           "outside_mm": 47,
                     *           "jobs": 7
                     *         },
                     *         {
                     *           "number": "6205",
                     *           "bore_mm": 25,
                     *           "outside_mm": 52,
                     *           "jobs": 3
                     *         }
                     *       ],
                     *       "tools": [
                     *         {
                     *           "name": "42 cup",
                     *           "outside_mm": 46.2,
                     *           "opening_mm": 37,
                     *           "length_mm": 60
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /** @description Bearings fitted */
                        fitted: {
                            /** @description Number */
                            number: string;
                            /**
                             * @description Bore of the bearing
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            bore_mm: number | string;
                            /**
                             * @description Outside diameter of the bearing
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            outside_mm: number | string;
                            /**
                             * @description Jobs
                             * @example 30
                             * @example 30
                             */
                            jobs?: number | string;
                            /** @description A thin-section bearing (68, 69) */
                            thin?: boolean;
                        }[];
                        /** @description Tools */
                        tools?: {
                            /** @description Name */
                            name: string;
                            /**
                             * @description Outside of the face
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            outside_mm: number | string;
                            /**
                             * @description Opening of the face, none when solid
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            opening_mm?: number | string;
                            /**
                             * @description Length
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            length_mm?: number | string;
                            /**
                             * @description Kind
                             * @enum {string}
                             */
                            kind?: "cup" | "disc" | "pipe" | "impact_socket" | "chrome_socket" | "old_ring" | "seal_lever" | "ring_pliers_in" | "ring_pliers_out" | "drift" | "soft_mallet" | "puller_blind" | "slide_hammer" | "rod" | "press" | "heat_gun" | "thermometer" | "jaw_puller" | "magnet" | "cutters" | "cone_spanner" | "spanner" | "socket" | "ring_nut_tool" | "cap_spanner" | "lock_ring_tool" | "chain_whip" | "freewheel_remover" | "chisel" | "washer" | "stand_ring" | "torque_wrench" | "gauge" | "freezer";
                        }[];
                    };
                };
            };
            responses: {
                /** @description Which driver next */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["NextToolResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/o-ring": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Find an O-ring
         * @description By the bottom of its groove.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "groove_mm": 19.2,
                     *       "section_mm": 1.8
                     *     }
                     */
                    "application/json": {
                        /** @description Bottom of the groove, diameter */
                        groove_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Old ring, or groove depth and a sixth */
                        section_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                    };
                };
            };
            responses: {
                /** @description Find an O-ring */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PartFound"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/press-fit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Press fit, all of it
         * @description Fit, heat, force and clearance left, from one set of readings.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "number": "6204 2RS",
                     *       "measured_mm": 46.98,
                     *       "feel": "firm_driving",
                     *       "hub_outside_mm": 66,
                     *       "material": "aluminium",
                     *       "room_c": 18
                     *     }
                     */
                    "application/json": {
                        /** @description Number of the bearing */
                        number?: string;
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm?: number | string;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm?: number | string;
                        /**
                         * @description Width of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        width_mm?: number | string;
                        /**
                         * @description The ring sits
                         * @enum {string}
                         */
                        seat?: "bore" | "shaft";
                        /** @description Bore, or shaft, measured */
                        measured_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Ring, measured */
                        ring_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description How it goes in
                         * @enum {string}
                         */
                        feel?: "rattles" | "drops_in" | "thumb_push" | "light_taps" | "firm_driving" | "will_not_start";
                        /**
                         * @description Outside of the hub around the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        hub_outside_mm?: number | string;
                        /**
                         * @description Hole through the shaft
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        shaft_hole_mm?: number | string;
                        /**
                         * @description What the hub, or the shaft, is made of
                         * @enum {string}
                         */
                        material?: "aluminium" | "magnesium" | "cast_iron" | "steel" | "zinc" | "nylon";
                        /**
                         * @description What limits the heat
                         * @enum {string}
                         */
                        finish?: "bare" | "paint" | "powder" | "rubber" | "plastic";
                        /** @description Temperature of the shop */
                        room_c?: number;
                        /**
                         * @description Clearance class
                         * @enum {string}
                         */
                        clearance?: "C2" | "CN" | "C3";
                        /** @description Oiled */
                        oiled?: boolean;
                        /** @description Retaining compound rated for the gap will be used */
                        compound?: boolean;
                        /** @description The bearing comes out of a freezer */
                        freezer?: boolean;
                        /** @description What the press can do */
                        press_capacity_n?: number;
                        /**
                         * @description Draw bolt
                         * @enum {string}
                         */
                        draw_bolt?: "M8" | "M10" | "M12" | "M14" | "M16" | "M20";
                        /**
                         * @description What the seat is meant to do
                         * @enum {string}
                         */
                        meant?: "pressed_fast" | "pressed_slow" | "stands_still" | "clamped" | "slides";
                        /** @description What the wall looks like */
                        looks?: ("bright_band" | "pits" | "score_caught" | "rust_at_lip" | "grips_at_mouth" | "even_grey")[];
                        /** @description Temperature of hub or shaft when it was measured */
                        part_c?: number;
                        /**
                         * @description To what the ring was made
                         * @enum {string}
                         */
                        made?: "normal" | "inch_taper";
                    };
                };
            };
            responses: {
                /** @description Press fit, all of it */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PressFitResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/press-force": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Force to press it in
         * @description Pressure, force, share of the press, draw-bolt torque, stop figure.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 20,
                     *       "outside_mm": 47,
                     *       "width_mm": 14,
                     *       "hub_outside_mm": 66,
                     *       "interference_mm": 0.025,
                     *       "contact_length_mm": 14,
                     *       "press_capacity_n": 117680,
                     *       "draw_bolt": "M12"
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /**
                         * @description Width of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        width_mm: number | string;
                        /**
                         * @description Interference
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        interference_mm: number | string;
                        /**
                         * @description Outside diameter of the hub around the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        hub_outside_mm?: number | string;
                        /**
                         * @description Interference, give or take
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        interference_plus_minus_mm?: number | string;
                        /**
                         * @description What the hub, or the shaft, is made of
                         * @enum {string}
                         */
                        material?: "aluminium" | "magnesium" | "cast_iron" | "steel" | "zinc" | "nylon";
                        /**
                         * @description Length that touches, when not the width less its corners
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        contact_length_mm?: number | string;
                        /** @description Oiled */
                        oiled?: boolean;
                        /** @description What the press can do */
                        press_capacity_n?: number;
                        /**
                         * @description Draw bolt
                         * @enum {string}
                         */
                        draw_bolt?: "M8" | "M10" | "M12" | "M14" | "M16" | "M20";
                        /**
                         * @description The ring sits
                         * @enum {string}
                         */
                        seat?: "bore" | "shaft";
                        /**
                         * @description Hole through the shaft
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        shaft_hole_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description Force to press it in */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PressForceResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/press-trace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read a press trace
         * @description Force against travel: start, slide, home; cocked, dirty, too tight, short of its place or past it.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "grip_mm": 4,
                     *       "home_mm": 6,
                     *       "force_low_n": 800,
                     *       "force_high_n": 1500,
                     *       "samples": [
                     *         {
                     *           "travel_mm": 0.5,
                     *           "force_n": 140
                     *         },
                     *         {
                     *           "travel_mm": 1,
                     *           "force_n": 270
                     *         },
                     *         {
                     *           "travel_mm": 1.5,
                     *           "force_n": 410
                     *         },
                     *         {
                     *           "travel_mm": 2,
                     *           "force_n": 540
                     *         },
                     *         {
                     *           "travel_mm": 2.5,
                     *           "force_n": 690
                     *         },
                     *         {
                     *           "travel_mm": 3,
                     *           "force_n": 810
                     *         },
                     *         {
                     *           "travel_mm": 3.5,
                     *           "force_n": 950
                     *         },
                     *         {
                     *           "travel_mm": 4,
                     *           "force_n": 1090
                     *         },
                     *         {
                     *           "travel_mm": 4.5,
                     *           "force_n": 1100
                     *         },
                     *         {
                     *           "travel_mm": 5,
                     *           "force_n": 1090
                     *         },
                     *         {
                     *           "travel_mm": 5.5,
                     *           "force_n": 1100
                     *         },
                     *         {
                     *           "travel_mm": 5.95,
                     *           "force_n": 1100
                     *         },
                     *         {
                     *           "travel_mm": 6.05,
                     *           "force_n": 2300
                     *         },
                     *         {
                     *           "travel_mm": 6.15,
                     *           "force_n": 4200
                     *         },
                     *         {
                     *           "travel_mm": 6.25,
                     *           "force_n": 6100
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /** @description Samples */
                        samples: {
                            /**
                             * @description Travel
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            travel_mm: number | string;
                            /** @description Force */
                            force_n: number;
                        }[];
                        /**
                         * @description Length that grips, when all of the ring is in
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        grip_mm: number | string;
                        /**
                         * @description Travel at which it comes home
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        home_mm: number | string;
                        /** @description Least force reckoned with */
                        force_low_n: number;
                        /** @description Most force reckoned with */
                        force_high_n: number;
                        /** @description Nothing more will come */
                        finished?: boolean;
                        /** @description It comes to rest on a spacer tube */
                        on_sleeve?: boolean;
                    };
                };
            };
            responses: {
                /** @description Read a press trace */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PressTraceResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/question": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Ask
         * @description One line: a number, sizes, a ball, a fit.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "text": "15x28x7"
                     *     }
                     */
                    "application/json": {
                        /** @description A number, sizes, a ball, a fit */
                        text: string;
                        /**
                         * @description What a bare number is in
                         * @enum {string}
                         */
                        unit?: "mm" | "in";
                    };
                };
            };
            responses: {
                /** @description Ask */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["QuestionResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/ring-heat": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How warm the bearing, for a shaft
         * @description Temperature at which the inner ring slips on.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 30,
                     *       "interference_mm": 0.012,
                     *       "room_c": 18
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Interference
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        interference_mm: number | string;
                        /** @description The bearing has seals */
                        sealed?: boolean;
                        /** @description Temperature of the shop */
                        room_c?: number;
                    };
                };
            };
            responses: {
                /** @description How warm the bearing, for a shaft */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["HeatResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/rock-check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which part is suspect
         * @description Rock, spin, look: what they rule in or out.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "rock_three_nine": "at_hub",
                     *       "rock_twelve_six": "at_hub",
                     *       "spin": "rumble",
                     *       "caliper": "freed"
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Rocked at 3 and 9
                         * @enum {string}
                         */
                        rock_three_nine?: "none" | "at_hub" | "further_in";
                        /**
                         * @description Rocked at 12 and 6
                         * @enum {string}
                         */
                        rock_twelve_six?: "none" | "at_hub" | "further_in";
                        /**
                         * @description Spun, listening
                         * @enum {string}
                         */
                        spin?: "quiet" | "rub" | "rumble" | "grind" | "locked";
                        /**
                         * @description The caliper
                         * @enum {string}
                         */
                        caliper?: "freed" | "not_freed" | "none";
                        /**
                         * @description The seals
                         * @enum {string}
                         */
                        seals?: "dry" | "rust" | "grease_out";
                        /**
                         * @description Rocked with the brake held
                         * @enum {string}
                         */
                        brake_held?: "gone" | "still";
                        /**
                         * @description Pushed and pulled along the axle
                         * @enum {string}
                         */
                        end_float?: "none" | "hair" | "much";
                        /**
                         * @description Heard with a rod
                         * @enum {string}
                         */
                        listen?: "left" | "right" | "same" | "nothing";
                        /**
                         * @description How it stops
                         * @enum {string}
                         */
                        coast?: "soon" | "long" | "drags" | "back_and_forth";
                        /**
                         * @description Left inner ring, by finger
                         * @enum {string}
                         */
                        inner_left?: "smooth" | "dry" | "rough" | "notchy" | "locked";
                        /**
                         * @description Right inner ring, by finger
                         * @enum {string}
                         */
                        inner_right?: "smooth" | "dry" | "rough" | "notchy" | "locked";
                        /** @description What the customer complains of */
                        complaints?: ("grinding" | "squeal" | "wobble" | "drag" | "locked" | "heat" | "seal" | "pulling" | "brake_rub" | "chain" | "age")[];
                        /** @description The hub has cones that are set */
                        cones?: boolean;
                        /** @description The hub has a freehub */
                        freehub?: boolean;
                        /** @description Looked at: cracked, missing or blue parts */
                        broken?: boolean;
                        /** @description What this hub or machine does not have */
                        without?: ("bearings" | "brake" | "axle_nut" | "joints" | "wheel_tyre" | "seal" | "cone_setting" | "freehub")[];
                        /**
                         * @description A recording of the left side tells
                         * @enum {string}
                         */
                        sound_left?: "outer_ring" | "inner_ring" | "ball" | "dry" | "rub" | "quiet" | "unclear";
                        /**
                         * @description A recording of the right side tells
                         * @enum {string}
                         */
                        sound_right?: "outer_ring" | "inner_ring" | "ball" | "dry" | "rub" | "quiet" | "unclear";
                        /**
                         * @description A recording of its one bearing tells
                         * @enum {string}
                         */
                        sound_one?: "outer_ring" | "inner_ring" | "ball" | "dry" | "rub" | "quiet" | "unclear";
                    };
                };
            };
            responses: {
                /** @description Which part is suspect */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["RockCheckResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/seal": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Find an oil seal
         * @description Shaft, bore and width, printed or measured.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "printed": "35 62 7"
                     *     }
                     */
                    "application/json": {
                        /** @description Printed on the seal */
                        printed?: string;
                        /** @description Shaft, where the lip runs */
                        shaft_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Bore it is pressed into */
                        bore_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Width */
                        width_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                    };
                };
            };
            responses: {
                /** @description Find an oil seal */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PartFound"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/seating-trend": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Is it coming straight
         * @description Tilt against depth, round by round.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 20,
                     *       "outside_mm": 47,
                     *       "rounds": [
                     *         {
                     *           "readings": [
                     *             {
                     *               "clock": "12",
                     *               "depth_mm": 1
                     *             },
                     *             {
                     *               "clock": "4",
                     *               "depth_mm": 1.1
                     *             },
                     *             {
                     *               "clock": "8",
                     *               "depth_mm": 1.1
                     *             }
                     *           ]
                     *         },
                     *         {
                     *           "readings": [
                     *             {
                     *               "clock": "12",
                     *               "depth_mm": 2
                     *             },
                     *             {
                     *               "clock": "4",
                     *               "depth_mm": 2.25
                     *             },
                     *             {
                     *               "clock": "8",
                     *               "depth_mm": 2.25
                     *             }
                     *           ]
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /** @description Rounds */
                        rounds: {
                            /** @description Depths around the clock */
                            readings: {
                                /**
                                 * @description Clock direction
                                 * @example 12
                                 * @example 1:30
                                 */
                                clock: string | number;
                                /** @description Depth from the hub face to the ring */
                                depth_mm: (number | string) | {
                                    /**
                                     * @example 25.4
                                     * @example 1 1/16 in
                                     */
                                    value: number | string;
                                    plus_minus_mm?: number;
                                    /** @enum {string} */
                                    instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                                };
                            }[];
                        }[];
                    };
                };
            };
            responses: {
                /** @description Is it coming straight */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SeatingTrendResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/second-bearing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How much further the second one
         * @description Depth at which it rests on the spacer tube, and turns of the draw nut.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "over_faces_mm": 104,
                     *       "first_depth_mm": 9.2,
                     *       "first_width_mm": 14,
                     *       "sleeve_length_mm": 57.6,
                     *       "second_width_mm": 14,
                     *       "second_depth_mm": 8.85,
                     *       "draw_bolt": "M12"
                     *     }
                     */
                    "application/json": {
                        /** @description Hub over its two faces */
                        over_faces_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Depth of the first bearing */
                        first_depth_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Width of the first bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        first_width_mm?: number | string;
                        /** @description Length of the spacer tube */
                        sleeve_length_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Width of the second bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        second_width_mm?: number | string;
                        /** @description Depth of the second bearing now */
                        second_depth_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Draw bolt
                         * @enum {string}
                         */
                        draw_bolt?: "M8" | "M10" | "M12" | "M14" | "M16" | "M20";
                        /** @description How the pair feels */
                        feel?: ("rattles" | "moves_up_down" | "nudges_only" | "other_follows" | "axle_by_hand" | "binds" | "clamped_free" | "clamped_drags")[];
                        /** @description The spacer tube has been seen in the hub */
                        sleeve_seen?: boolean;
                        /** @description Width of the first bearing, measured */
                        first_width_measured_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Width of the second bearing, measured */
                        second_width_measured_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Both sides have a shoulder */
                        two_shoulders?: boolean;
                    };
                };
            };
            responses: {
                /** @description How much further the second one */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SecondBearingResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/shaft-fit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Fit of a ring pressed on a shaft
         * @description Interference on a shaft from readings and from how it goes on.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 30,
                     *       "shaft_mm": 30.012,
                     *       "feel": "firm_driving"
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing, nominal
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /** @description Diameter of the shaft, measured */
                        shaft_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Bore of the bearing, measured */
                        bore_measured_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description How it goes on
                         * @enum {string}
                         */
                        feel?: "rattles" | "drops_in" | "thumb_push" | "light_taps" | "firm_driving" | "will_not_start";
                        /**
                         * @description Fit the maker grinds to, when nothing is measured
                         * @enum {string}
                         */
                        shaft_class?: "k6" | "j6" | "h6" | "g6";
                        /**
                         * @description What the shaft is made of
                         * @enum {string}
                         */
                        material?: "aluminium" | "magnesium" | "cast_iron" | "steel" | "zinc" | "nylon";
                        /** @description Temperature of the shop */
                        room_c?: number;
                        /** @description Retaining compound rated for the gap will be used */
                        compound?: boolean;
                        /**
                         * @description What the seat is meant to do
                         * @enum {string}
                         */
                        meant?: "pressed_fast" | "pressed_slow" | "stands_still" | "clamped" | "slides";
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm?: number | string;
                        /**
                         * @description Width of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        width_mm?: number | string;
                        /**
                         * @description Hole through the shaft
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        shaft_hole_mm?: number | string;
                        /** @description What the wall looks like */
                        looks?: ("bright_band" | "pits" | "score_caught" | "rust_at_lip" | "grips_at_mouth" | "even_grey")[];
                        /** @description Temperature of the shaft when it was measured */
                        part_c?: number;
                        /**
                         * @description To what the ring was made
                         * @enum {string}
                         */
                        made?: "normal" | "inch_taper";
                    };
                };
            };
            responses: {
                /** @description Fit of a ring pressed on a shaft */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["FitResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/sleeve-length": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Spacer tube against the span
         * @description For a hub with a shoulder on both sides.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "span_mm": 57.6,
                     *       "sleeve_length_mm": 57.65,
                     *       "bore_mm": 20,
                     *       "outside_mm": 47,
                     *       "clearance_left_mm": 0.005
                     *     }
                     */
                    "application/json": {
                        /** @description Span between the shoulders */
                        span_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Length of the spacer tube */
                        sleeve_length_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Bore of the bearings
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearings
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /**
                         * @description Radial clearance left after pressing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        clearance_left_mm: number | string;
                        /** @description How the pair feels */
                        feel?: ("rattles" | "moves_up_down" | "nudges_only" | "other_follows" | "axle_by_hand" | "binds" | "clamped_free" | "clamped_drags")[];
                    };
                };
            };
            responses: {
                /** @description Spacer tube against the span */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SleeveLengthResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/sleeve-to-make": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make a spacer tube
         * @description Length, cut, bore and outside, and the tube to buy.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "axle_mm": 12,
                     *       "bore_mm": 12,
                     *       "outside_mm": 32,
                     *       "over_faces_mm": 70,
                     *       "ledge_one_mm": 10,
                     *       "ledge_two_mm": 10
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Axle
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        axle_mm: number | string;
                        /**
                         * @description Bore of the bearings
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearings
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /** @description Span between the shoulders */
                        span_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Hub over its two faces */
                        over_faces_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Depth of the shoulder, one side */
                        ledge_one_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Depth of the shoulder, other side */
                        ledge_two_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description A thin-section bearing (68, 69) */
                        thin?: boolean;
                    };
                };
            };
            responses: {
                /** @description Make a spacer tube */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SleeveToMakeResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/sliding-fit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Fit of an axle that slides
         * @description Axle against the bore of its bearing.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 20,
                     *       "shaft_mm": {
                     *         "value": 19.97,
                     *         "instrument": "micrometer"
                     *       }
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing, nominal
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /** @description Diameter of the axle */
                        shaft_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description How it goes through
                         * @enum {string}
                         */
                        feel?: "rattles" | "drops_in" | "thumb_push" | "light_taps" | "firm_driving" | "will_not_start";
                        /**
                         * @description What the seat is meant to do
                         * @enum {string}
                         */
                        meant?: "pressed_fast" | "pressed_slow" | "stands_still" | "clamped" | "slides";
                        /** @description What the shaft looks like */
                        looks?: ("bright_band" | "pits" | "score_caught" | "rust_at_lip" | "grips_at_mouth" | "even_grey")[];
                    };
                };
            };
            responses: {
                /** @description Fit of an axle that slides */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SlidingFitResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/snap-ring": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Find a snap ring
         * @description By bore or shaft, with the groove it needs.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "diameter_mm": 47.01,
                     *       "seat": "bore"
                     *     }
                     */
                    "application/json": {
                        /** @description Diameter of the bore, or of the shaft */
                        diameter_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description It sits
                         * @enum {string}
                         */
                        seat?: "bore" | "shaft";
                        /** @description Diameter of the groove */
                        groove_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Thickness of the old ring */
                        thickness_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                    };
                };
            };
            responses: {
                /** @description Find a snap ring */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PartFound"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/spin-down": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How it runs out
         * @description Slowing by the passes of the valve: dry or viscous, more than before.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "passes": "0.00 0.41 0.83 1.26 1.70 2.15 2.61 3.09 3.58 4.09"
                     *     }
                     */
                    "application/json": {
                        /** @description Times of the passes, in seconds */
                        passes: string;
                        /** @description The same, before */
                        before?: string;
                        /** @description The same, of the other wheel */
                        other?: string;
                        /** @description Rim, tyre and hub of the two are alike */
                        alike?: boolean;
                        /**
                         * @description Rim with tyre, grams
                         * @example 30
                         * @example 30
                         */
                        rim_grams?: number | string;
                        /**
                         * @description Radius to the middle of the rim
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        radius_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description How it runs out */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SpinDownResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/split-pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Find a split pin
         * @description By its hole, checked against the thread.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "hole_mm": 3.25,
                     *       "thread_mm": 12
                     *     }
                     */
                    "application/json": {
                        /** @description Hole through the thread */
                        hole_mm: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Diameter of the thread
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        thread_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description Find a split pin */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PartFound"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/square": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Is it going in square
         * @description Three or four depths around the ring, or a look.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "bore_mm": 20,
                     *       "outside_mm": 47,
                     *       "readings": [
                     *         {
                     *           "clock": "12",
                     *           "depth_mm": 3
                     *         },
                     *         {
                     *           "clock": "3",
                     *           "depth_mm": 3.4
                     *         },
                     *         {
                     *           "clock": "6",
                     *           "depth_mm": 3.8
                     *         },
                     *         {
                     *           "clock": "9",
                     *           "depth_mm": 3.4
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Bore of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        bore_mm: number | string;
                        /**
                         * @description Outside diameter of the bearing
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        outside_mm: number | string;
                        /** @description Depths around the clock */
                        readings?: {
                            /**
                             * @description Clock direction
                             * @example 12
                             * @example 1:30
                             */
                            clock: string | number;
                            /** @description Depth from the hub face to the ring */
                            depth_mm: (number | string) | {
                                /**
                                 * @example 25.4
                                 * @example 1 1/16 in
                                 */
                                value: number | string;
                                plus_minus_mm?: number;
                                /** @enum {string} */
                                instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                            };
                        }[];
                        /**
                         * @description Going in, or home
                         * @enum {string}
                         */
                        stage?: "entering" | "home";
                        /**
                         * @description How it looks
                         * @enum {string}
                         */
                        eye?: "level" | "proud" | "cocked";
                        /**
                         * @description Where it looks proud
                         * @example 12
                         * @example 1:30
                         */
                        eye_clock?: string | number;
                        /** @description A rough face: depths of a turned face or shoulder at the same places */
                        reference?: {
                            /**
                             * @description Clock direction
                             * @example 12
                             * @example 1:30
                             */
                            clock: string | number;
                            /** @description Depth from the hub face to the ring */
                            depth_mm: (number | string) | {
                                /**
                                 * @example 25.4
                                 * @example 1 1/16 in
                                 */
                                value: number | string;
                                plus_minus_mm?: number;
                                /** @enum {string} */
                                instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                            };
                        }[];
                        /** @description A feeler goes under nowhere */
                        feeler_refused?: boolean;
                        /** @description The note of the blows went dull */
                        note_changed?: boolean;
                    };
                };
            };
            responses: {
                /** @description Is it going in square */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SquareResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/support": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * What the hub stands on
         * @description Ring or blocks, from what passes and what hangs below.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "passes_mm": 26,
                     *       "hub_outside_mm": 66,
                     *       "hangs_mm": 22,
                     *       "supports": [
                     *         {
                     *           "name": "pipe 1 1/4",
                     *           "outside_mm": 42.4,
                     *           "opening_mm": 36,
                     *           "length_mm": 60
                     *         }
                     *       ]
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Outside of what passes through
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        passes_mm: number | string;
                        /**
                         * @description Outside of the hub round the bore
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        hub_outside_mm: number | string;
                        /**
                         * @description How much hangs below the face
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        hangs_mm?: number | string;
                        /** @description Supports */
                        supports?: {
                            /** @description Name */
                            name: string;
                            /**
                             * @description Outside of the face
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            outside_mm: number | string;
                            /**
                             * @description Opening of the face, none when solid
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            opening_mm?: number | string;
                            /**
                             * @description Length
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            length_mm?: number | string;
                            /**
                             * @description Kind
                             * @enum {string}
                             */
                            kind?: "cup" | "disc" | "pipe" | "impact_socket" | "chrome_socket" | "old_ring" | "seal_lever" | "ring_pliers_in" | "ring_pliers_out" | "drift" | "soft_mallet" | "puller_blind" | "slide_hammer" | "rod" | "press" | "heat_gun" | "thermometer" | "jaw_puller" | "magnet" | "cutters" | "cone_spanner" | "spanner" | "socket" | "ring_nut_tool" | "cap_spanner" | "lock_ring_tool" | "chain_whip" | "freewheel_remover" | "chisel" | "washer" | "stand_ring" | "torque_wrench" | "gauge" | "freezer";
                        }[];
                    };
                };
            };
            responses: {
                /** @description What the hub stands on */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SupportChoiceResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/taper-nut": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Castle nut and end play
         * @description Which slot to pin, or the shim.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "thread": "3/4-16",
                     *       "slots": 6,
                     *       "holes": 1,
                     *       "offset_mm": 0.2
                     *     }
                     */
                    "application/json": {
                        /** @description Thread of the spindle */
                        thread: string;
                        /**
                         * @description Slots of the nut
                         * @example 30
                         * @example 30
                         */
                        slots?: number | string;
                        /**
                         * @description Holes through the spindle
                         * @example 30
                         * @example 30
                         */
                        holes?: number | string;
                        /** @description End play at the first slot from zero */
                        offset_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Backed off from zero to the first slot */
                        backed_off_deg?: number;
                        /**
                         * @description Least end play, by the manual
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        band_low_mm?: number | string;
                        /**
                         * @description Most end play, by the manual
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        band_high_mm?: number | string;
                        /** @description End play by dial gauge, as it stands */
                        dial_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description How it feels
                         * @enum {string}
                         */
                        feel?: "free" | "trace" | "play" | "drags";
                        /** @description Seated with, while turning */
                        seated_with_nm?: number;
                    };
                };
            };
            responses: {
                /** @description Castle nut and end play */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TaperNutResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/taper-set": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Cone and cup
         * @description Do these two halves of a taper belong together.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "cone": "LM11949",
                     *       "cup": "LM11910"
                     *     }
                     */
                    "application/json": {
                        /** @description Number on the cone */
                        cone: string;
                        /** @description Number on the cup */
                        cup: string;
                    };
                };
            };
            responses: {
                /** @description Cone and cup */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TaperSetResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/torque": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Set the torque wrench
         * @description The setting with an adapter, the range, the thread's ceiling.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "source": "manual",
                     *       "torque_nm": 45,
                     *       "thread": "M10",
                     *       "grade": "8.8",
                     *       "wrench_length_mm": 380,
                     *       "adapter_mm": 60
                     *     }
                     */
                    "application/json": {
                        /**
                         * @description Source of the figure
                         * @enum {string}
                         */
                        source: "manual" | "part_maker" | "shop" | "none";
                        /** @description Torque */
                        torque_nm?: number;
                        /** @description Thread */
                        thread?: string;
                        /**
                         * @description Grade, as marked on its head
                         * @enum {string}
                         */
                        grade?: "4.6" | "5.8" | "8.8" | "10.9" | "12.9" | "A2-70" | "SAE 5" | "SAE 8";
                        /**
                         * @description On the thread
                         * @enum {string}
                         */
                        treatment?: "dry" | "oiled" | "anti_seize" | "thread_lock";
                        /** @description Wrench, from least */
                        wrench_least_nm?: number;
                        /** @description Wrench, to most */
                        wrench_most_nm?: number;
                        /**
                         * @description Wrench, from handle to square
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        wrench_length_mm?: number | string;
                        /**
                         * @description Adapter, from square to bolt
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        adapter_mm?: number | string;
                        /** @description Adapter turned out of line by */
                        adapter_angle_deg?: number;
                        /** @description No wrench here reads it */
                        no_wrench?: boolean;
                        /** @description Steering or brake hang on it */
                        guards?: boolean;
                    };
                };
            };
            responses: {
                /** @description Set the torque wrench */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TorqueResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calculators/wheel-centre": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Rim in the middle
         * @description Both spacers, from the fork or from a trial fit.
         */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    /**
                     * @example {
                     *       "fork_mm": 100,
                     *       "face_left_mm": 36,
                     *       "face_right_mm": 30
                     *     }
                     */
                    "application/json": {
                        /** @description Between the fork legs */
                        fork_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Middle of the rim to the outer face, left */
                        face_left_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Middle of the rim to the outer face, right */
                        face_right_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Move the rim to the right by
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        offset_mm?: number | string;
                        /** @description Tried in: rim to leg, left */
                        gap_left_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /** @description Tried in: rim to leg, right */
                        gap_right_mm?: (number | string) | {
                            /**
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            value: number | string;
                            plus_minus_mm?: number;
                            /** @enum {string} */
                            instrument?: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
                        };
                        /**
                         * @description Spacer in it now, left
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        spacer_left_mm?: number | string;
                        /**
                         * @description Spacer in it now, right
                         * @example 25.4
                         * @example 1 1/16 in
                         */
                        spacer_right_mm?: number | string;
                        /** @description Washers that lie there */
                        washers?: {
                            /**
                             * @description Thickness
                             * @example 25.4
                             * @example 1 1/16 in
                             */
                            thickness_mm: number | string;
                            /**
                             * @description How many
                             * @example 30
                             * @example 30
                             */
                            count?: number | string;
                        }[];
                    };
                };
            };
            responses: {
                /** @description Rim in the middle */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["WheelCentreResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/errands/{errand}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How far something is that is done behind the answer */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    errand: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description How far something is that is done behind the answer */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ErrandSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Jobs on the board: what is stopped first, then what waits for somebody, then the newest */
        get: {
            parameters: {
                query?: {
                    /** @description Those that are signed instead */
                    signed?: boolean;
                    /** @description Only those of machines with each of these words, and the one of that number */
                    find?: string;
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Jobs on the board: what is stopped first, then what waits for somebody, then the newest */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["JobCard"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Open a job */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        machine_id: number;
                        wheel: string;
                        pattern: string;
                        complaint: string;
                    };
                };
            };
            responses: {
                /** @description Open a job */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["JobCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Take a job file in as a job of this shop, all of it or nothing; a long one is taken behind the answer */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "multipart/form-data": {
                        /** Format: binary */
                        file: Blob;
                        /** Format: uuid */
                        id?: string;
                    };
                };
            };
            responses: {
                /** @description Take a job file in as a job of this shop, all of it or nothing; a long one is taken behind the answer */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["JobCard"];
                    };
                };
                /** @description Done behind the answer */
                202: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ErrandSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/several": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Open a job for each of several wheels of one machine, all or none */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        machine_id: number;
                        complaint: string;
                        wheels: {
                            wheel: string;
                            pattern: string;
                        }[];
                    };
                };
            };
            responses: {
                /** @description Open a job for each of several wheels of one machine, all or none */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["JobCard"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A whole job as it stands */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description A whole job as it stands */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["JobSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /** Put right what was said when a job was opened: its wheel, how its hub is built */
        patch: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        wheel?: string;
                        pattern?: string;
                    };
                };
            };
            responses: {
                /** @description Put right what was said when a job was opened: its wheel, how its hub is built */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["JobCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        trace?: never;
    };
    "/jobs/{job}/addenda": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Add a word to a signed job; the same id twice is one addendum */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** Format: uuid */
                        id: string;
                        text: string;
                    };
                };
            };
            responses: {
                /** @description Add a word to a signed job; the same id twice is one addendum */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["AddendumCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/closed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Close a job without a signature, with a reason */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        reason: string;
                    };
                };
            };
            responses: {
                /** @description Close a job without a signature, with a reason */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["JobCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Take up again a job that was closed without a signature */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Take up again a job that was closed without a signature */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["JobCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/orders": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Order what a job needs, the cheapest or the soonest way: one order for each supplier */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** @enum {string} */
                        way: "cheapest" | "soonest";
                    };
                };
            };
            responses: {
                /** @description Order what a job needs, the cheapest or the soonest way: one order for each supplier */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["OrderSheet"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/photos": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Keep a photo: JPEG, PNG or WebP up to 10 MB, written anew as JPEG */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "multipart/form-data": {
                        /** Format: uuid */
                        id: string;
                        /** Format: binary */
                        photo: Blob;
                    };
                };
            };
            responses: {
                /** @description Keep a photo: JPEG, PNG or WebP up to 10 MB, written anew as JPEG */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PhotoCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/preview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How the job would stand with these entries, without keeping them: the axle line, and the station that is named */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        drafts: {
                            place: string;
                            entry: {
                                [key: string]: unknown;
                            } | null;
                            instrument?: string | null;
                        }[];
                        /** @enum {string} */
                        unit?: "mm" | "in";
                        /** @enum {string|null} */
                        station?: "check_in" | "strip" | "size" | "source" | "seat" | "set" | "prove" | null;
                    };
                };
            };
            responses: {
                /** @description How the job would stand with these entries, without keeping them: the axle line, and the station that is named */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["LiveReport"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/recordings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Keep a recording of a spun wheel: WAV up to a minute, written anew */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "multipart/form-data": {
                        /** Format: uuid */
                        id: string;
                        /** Format: binary */
                        recording: Blob;
                    };
                };
            };
            responses: {
                /** @description Keep a recording of a spun wheel: WAV up to a minute, written anew */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["RecordingSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/records": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every record of a job, newest first */
        get: {
            parameters: {
                query?: {
                    /** @description Only those of this place */
                    place?: string;
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Every record of a job, newest first */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["Entry"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Keep a reading, an answer or a step done; the same id twice is one record */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** Format: uuid */
                        id: string;
                        place: string;
                        entry: {
                            [key: string]: unknown;
                        } | null;
                        /** @enum {string} */
                        unit?: "mm" | "in";
                        instrument?: string | null;
                        /** Format: date-time */
                        made_at?: string;
                        author?: number;
                        vouched?: boolean;
                    };
                };
            };
            responses: {
                /** @description Keep a reading, an answer or a step done; the same id twice is one record */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Kept"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/seats/{seat}/live": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What the gauge has sent so far of the latest pressing of this ring */
        get: {
            parameters: {
                query?: {
                    /** @description The pressing of which something is known already */
                    of?: string;
                    /** @description How many samples of it are known */
                    after?: number;
                };
                header?: never;
                path: {
                    job: number;
                    seat: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description What the gauge has sent so far of the latest pressing of this ring */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PressingSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Begin to follow the press gauge while a ring goes in; where it is followed already, that */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                    seat: string;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** Format: uuid */
                        id?: string;
                        /** @enum {string} */
                        kind?: "good" | "cocked" | "dirty_bore" | "oversize" | "early_home" | "missing_sleeve" | "loose";
                        seed?: number;
                        pace?: number | string;
                    };
                };
            };
            responses: {
                /** @description Begin to follow the press gauge while a ring goes in; where it is followed already, that */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PressingSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Stop following, and the press with it */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                    seat: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/seats/{seat}/traces": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The latest traces of a ring of this job, newest first, and what press stands here */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                    seat: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description The latest traces of a ring of this job, newest first, and what press stands here */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TracesShown"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/seats/{seat}/trend": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tilt against depth of a ring that goes in, round by round, from all depths that were kept of it */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                    seat: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Tilt against depth of a ring that goes in, round by round, from all depths that were kept of it */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SeatingTrendResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/shopping": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What a job needs: on the shelf, on its way, and the cheapest and soonest way to buy the rest */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description What a job needs: on the shelf, on its way, and the cheapest and soonest way to buy the rest */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ShoppingSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/signature": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign a job off: mechanics and owners, when nothing stands in the way */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        code?: string | null;
                    };
                };
            };
            responses: {
                /** @description Sign a job off: mechanics and owners, when nothing stands in the way */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["JobCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{job}/traces": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Keep a trace, as the gauge sent it or as a CSV file; the same id twice is one trace */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    job: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "multipart/form-data": {
                        /** Format: uuid */
                        id: string;
                        seat: string;
                        samples?: (number | string)[][];
                        /** Format: binary */
                        file?: Blob;
                    };
                };
            };
            responses: {
                /** @description Keep a trace, as the gauge sent it or as a CSV file; the same id twice is one trace */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TraceSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/joining": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Choose a password by a one-time code; its person is signed in */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** Format: email */
                        email: string;
                        code: string;
                        password: string;
                        remember?: boolean;
                        time_code?: string | null;
                    };
                };
            };
            responses: {
                /** @description Choose a password by a one-time code; its person is signed in */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Person"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/keys": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The key this shop signs with, and those of others: the owner */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description The key this shop signs with, and those of others: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["KeysShown"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Accept the key of another shop, whose fingerprint was compared: the owner */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        key: string;
                        name: string;
                        fingerprint: string;
                    };
                };
            };
            responses: {
                /** @description Accept the key of another shop, whose fingerprint was compared: the owner */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["KeyCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/keys/{key}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** A key is no longer believed: the owner */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    key: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/log": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What was done with people, roles, passwords and files, newest first: the owner */
        get: {
            parameters: {
                query?: {
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description What was done with people, roles, passwords and files, newest first: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["LogShown"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/machines": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Machines of the shop, by name */
        get: {
            parameters: {
                query?: {
                    /** @description Only those with each of these words in name, model or owner */
                    find?: string;
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Machines of the shop, by name */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["MachineLine"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Note a new machine */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                        model?: string | null;
                        owner?: string | null;
                    };
                };
            };
            responses: {
                /** @description Note a new machine */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["MachineCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/machines/list": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read a list of machines from CSV; with keep they are noted */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "multipart/form-data": {
                        /** Format: binary */
                        list: Blob;
                        keep?: boolean;
                    };
                };
            };
            responses: {
                /** @description Read a list of machines from CSV; with keep they are noted */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["MachineListSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/machines/{machine}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A machine and what was done on it */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    machine: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description A machine and what was done on it */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["MachineHistory"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** A machine under another name, or of another owner; what was done on it stays */
        put: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    machine: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                        model?: string | null;
                        owner?: string | null;
                    };
                };
            };
            responses: {
                /** @description A machine under another name, or of another owner; what was done on it stays */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["MachineCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/machines/{machine}/customer": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Erase whose machine it is and what they said; what was done on it stays: the owner */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    machine: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Erase whose machine it is and what they said; what was done on it stays: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["MachineCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/orders": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Orders of the shop, the newest first */
        get: {
            parameters: {
                query?: {
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Orders of the shop, the newest first */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["OrderSheet"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/orders/{order}/received": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Book in what came of an order: how many of each line are here now */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    order: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        lines: {
                            id: number;
                            received: number;
                        }[];
                    };
                };
            };
            responses: {
                /** @description Book in what came of an order: how many of each line are here now */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["OrderSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/patterns": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every way hubs are built that a job may be opened with */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Every way hubs are built that a job may be opened with */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["PatternShown"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The people of the shop; those who left come last */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description The people of the shop; those who left come last */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PeopleSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Add somebody, who then joins by a code: the owner */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                        /** Format: email */
                        email: string;
                        role: string;
                    };
                };
            };
            responses: {
                /** @description Add somebody, who then joins by a code: the owner */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PersonCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /** Another name or role: the owner */
        patch: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    person: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name?: string;
                        role?: string;
                    };
                };
            };
            responses: {
                /** @description Another name or role: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PersonCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        trace?: never;
    };
    "/people/{person}/code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A one-time code by which somebody chooses a password: the owner */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    person: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        mail?: boolean;
                    };
                };
            };
            responses: {
                /** @description A one-time code by which somebody chooses a password: the owner */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["CodeShown"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/left": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody leaves; what they did stays under their name: the owner */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    person: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Somebody leaves; what they did stays under their name: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PersonCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Somebody who left comes back: the owner */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    person: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Somebody who left comes back: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PersonCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/name": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Erase the name and address of somebody who left; what they did stays: the owner */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    person: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Erase the name and address of somebody who left; what they did stays: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PersonCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/sessions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** End every session of somebody: the owner */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    person: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/time-code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Somebody lost their device and their codes: they sign in by password alone again: the owner */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    person: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/photos/{photo}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Throw a photo away, before the job is signed */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    photo: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/ping": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whether the server answers: needs no sign-in and no database; under signed-in, whether it knows who asks */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Whether the server answers: needs no sign-in and no database; under signed-in, whether it knows who asks */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Pong"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/ping/signed-in": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whether the server answers: needs no sign-in and no database; under signed-in, whether it knows who asks */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Whether the server answers: needs no sign-in and no database; under signed-in, whether it knows who asks */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Pong"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/recordings/{recording}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What a recording tells; listened to anew when more is known of its bearing */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    recording: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description What a recording tells; listened to anew when more is known of its bearing */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["RecordingSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        /** Throw a recording away, before the job is signed */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    recording: string;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who is signed in */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Who is signed in */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Person"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Sign in */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** Format: email */
                        email: string;
                        password: string;
                        remember?: boolean;
                        code?: string | null;
                    };
                };
            };
            responses: {
                /** @description Sign in */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Person"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Sign out */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        /** Change units or theme */
        patch: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** @enum {string} */
                        units?: "mm" | "in";
                        /** @enum {string} */
                        theme?: "light" | "dark";
                    };
                };
            };
            responses: {
                /** @description Change units or theme */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Person"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        trace?: never;
    };
    "/session/bench-code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Your own code at the bench: four to six digits, or none */
        put: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        present: string;
                        code: string | null;
                    };
                };
            };
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/hands": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who can take over at this bench */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Who can take over at this bench */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["HandsCard"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Take over at this bench by your code */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        person: number;
                        code: string;
                    };
                };
            };
            responses: {
                /** @description Take over at this bench by your code */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["Person"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Change your own password; you are signed out everywhere else */
        put: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        present: string;
                        password: string;
                    };
                };
            };
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shelf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What lies on the shelf, by name */
        get: {
            parameters: {
                query?: {
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description What lies on the shelf, by name */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["ShelfCard"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Say how many of an article lie on the shelf; the same article again is counted anew */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        article: string;
                        count: number;
                    };
                };
            };
            responses: {
                /** @description Say how many of an article lie on the shelf; the same article again is counted anew */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ShelfCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shelf/{item}/taken": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Take pieces off the shelf */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    item: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        pieces: number;
                    };
                };
            };
            responses: {
                /** @description Take pieces off the shelf */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ShelfCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The shop of whoever is signed in, and how it goes about things */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description The shop of whoever is signed in, and how it goes about things */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ShopSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /** Change what is noted of the shop, and how it goes about things: the owner */
        patch: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name?: string;
                        place?: string | null;
                        time_zone?: string;
                        currency?: string;
                        hour?: string;
                        /** @enum {string} */
                        units?: "mm" | "in";
                        /** @enum {string} */
                        paper?: "a4" | "letter";
                        press?: string | null;
                        /** @enum {string} */
                        draw_bolt?: "M8" | "M10" | "M12" | "M14" | "M16" | "M20";
                        lock_minutes?: number | null;
                        alone?: boolean;
                        prices?: boolean;
                        habits?: {
                            /** @enum {string} */
                            extraction?: "drift" | "puller" | "rod" | "press";
                            /** @enum {string} */
                            heat?: "cold" | "warm";
                            /** @enum {string} */
                            pressing?: "draw_bolt" | "press" | "hammer";
                            /** @enum {string} */
                            seals?: "after_both" | "after_own";
                            /** @enum {string} */
                            sides?: "both" | "one";
                            /** @enum {string} */
                            cone_play?: "trace" | "none";
                            /** @enum {string} */
                            taper_play?: "dial" | "feel";
                            /** @enum {string} */
                            second_check?: "none" | "required";
                            /** @enum {string} */
                            packing?: "as_they_come" | "topped_up";
                        };
                    };
                };
            };
            responses: {
                /** @description Change what is noted of the shop, and how it goes about things: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ShopSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        trace?: never;
    };
    "/shop/along": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Write all of the shop into one file, to take along: the owner */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        /** Format: uuid */
                        id?: string;
                    };
                };
            };
            responses: {
                /** @description Write all of the shop into one file, to take along: the owner */
                202: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ErrandSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shop/calendar": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The address of the calendar, when there is one: owners */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description The address of the calendar, when there is one: owners */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["CalendarLink"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** A new address for the calendar; the one before it stops at once: owners */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description A new address for the calendar; the one before it stops at once: owners */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["CalendarLink"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** No calendar any more: owners */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description No calendar any more: owners */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["CalendarLink"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/suppliers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Suppliers of the shop, by name */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Suppliers of the shop, by name */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["SupplierCard"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Note a supplier */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                        carriage?: string | null;
                        days?: number;
                        restock_days?: number | null;
                    };
                };
            };
            responses: {
                /** @description Note a supplier */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["SupplierCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/suppliers/{supplier}/prices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read a price list from CSV; with keep it takes the place of the one there is; a long one is read behind the answer */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    supplier: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "multipart/form-data": {
                        /** Format: binary */
                        list: Blob;
                        keep?: boolean;
                        /** Format: uuid */
                        id?: string;
                        column_article?: number | null;
                        column_description?: number | null;
                        column_price?: number | null;
                        column_pack?: number | null;
                        column_stock?: number | null;
                        column_days?: number | null;
                    };
                };
            };
            responses: {
                /** @description Read a price list from CSV; with keep it takes the place of the one there is; a long one is read behind the answer */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["PriceListSheet"];
                    };
                };
                /** @description Done behind the answer */
                202: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ErrandSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tablets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The benches of the shop: the owner */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description The benches of the shop: the owner */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["TabletCard"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** This browser stands at a bench: the owner */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                    };
                };
            };
            responses: {
                /** @description This browser stands at a bench: the owner */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TabletCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tablets/{tablet}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** No bench any more: the owner */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    tablet: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/time-code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Use time codes from now on: the first that your device shows */
        put: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        code: string;
                    };
                };
            };
            responses: {
                /** @description Use time codes from now on: the first that your device shows */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["RecoveryCodes"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Begin to use time codes: the secret for your device */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        present: string;
                    };
                };
            };
            responses: {
                /** @description Begin to use time codes: the secret for your device */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TimeCodeBegun"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        /** Use no time codes any more */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        present: string;
                    };
                };
            };
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tokens": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Your access tokens; to the owner all of the shop */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Your access tokens; to the owner all of the shop */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["TokenCard"][];
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Make an access token; it is shown once */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                        rights: string[];
                        days: number;
                    };
                };
            };
            responses: {
                /** @description Make an access token; it is shown once */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["TokenMade"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tokens/{token}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** End an access token at once */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    token: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tools on the wall */
        get: {
            parameters: {
                query?: {
                    /** @description The next page: what the page before handed out */
                    cursor?: string;
                };
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Tools on the wall */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": {
                            data: components["schemas"]["ToolCard"][];
                            /** @description Hand it back as ?cursor= for the next page */
                            next_cursor: string | null;
                        };
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        /** Hang a tool on the wall: mechanics and owners */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                        kind: string;
                        capacity?: string | null;
                        torque_low?: string | null;
                        torque_high?: string | null;
                        count?: number | null;
                        reads?: number | string;
                        /** @enum {string} */
                        unit?: "mm" | "in";
                        outside_mm?: number | string;
                        opening_mm?: number | string;
                        length_mm?: number | string;
                        across_mm?: number | string;
                        ram_mm?: number | string;
                        pitch_mm?: number | string;
                        plus_minus_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description Hang a tool on the wall: mechanics and owners */
                201: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ToolCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/list": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read a list of tools from CSV; with keep they are hung on the wall */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody: {
                content: {
                    "multipart/form-data": {
                        /** Format: binary */
                        list: Blob;
                        keep?: boolean;
                    };
                };
            };
            responses: {
                /** @description Read a list of tools from CSV; with keep they are hung on the wall */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ToolListSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/next": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Which driver would cover most of what this shop does */
        get: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Which driver would cover most of what this shop does */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["NextToolResult"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/starter": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Hang up what a shop that begins usually has */
        post: {
            parameters: {
                query?: never;
                header?: never;
                path?: never;
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Hang up what a shop that begins usually has */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ToolListSheet"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Measure a tool anew: mechanics and owners */
        put: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    tool: number;
                };
                cookie?: never;
            };
            requestBody: {
                content: {
                    "application/json": {
                        name: string;
                        kind: string;
                        capacity?: string | null;
                        torque_low?: string | null;
                        torque_high?: string | null;
                        count?: number | null;
                        reads?: number | string;
                        /** @enum {string} */
                        unit?: "mm" | "in";
                        outside_mm?: number | string;
                        opening_mm?: number | string;
                        length_mm?: number | string;
                        across_mm?: number | string;
                        ram_mm?: number | string;
                        pitch_mm?: number | string;
                        plus_minus_mm?: number | string;
                    };
                };
            };
            responses: {
                /** @description Measure a tool anew: mechanics and owners */
                200: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/json": components["schemas"]["ToolCard"];
                    };
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        post?: never;
        /** Take a tool down: mechanics and owners */
        delete: {
            parameters: {
                query?: never;
                header?: never;
                path: {
                    tool: number;
                };
                cookie?: never;
            };
            requestBody?: never;
            responses: {
                /** @description Done */
                204: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content?: never;
                };
                /** @description What is wrong */
                default: {
                    headers: {
                        [name: string]: unknown;
                    };
                    content: {
                        "application/problem+json": components["schemas"]["Problem"];
                    };
                };
            };
        };
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        AddendumCard: {
            id: string;
            text: string;
            by: string;
            /** Format: date-time */
            made_at: string;
        };
        Ask: {
            role: string;
            seat: string | null;
            part: string | null;
            place: string;
            kind: components["schemas"]["AskKind"];
            label: components["schemas"]["Words"];
            wanted: boolean;
            options: components["schemas"]["Option"][];
            instrument: components["schemas"]["Instrument"] | null;
            at: string | null;
            hint: components["schemas"]["Words"] | null;
            until: components["schemas"]["PartState"] | null;
            borrowed: boolean;
            picture: string | null;
            findings: components["schemas"]["Finding"][];
            before: string | null;
            leave: boolean;
            may_lack: boolean;
            stamp: string | null;
        };
        /** @enum {string} */
        AskKind: "length" | "depth" | "choice" | "choices" | "tick" | "text" | "number" | "torque" | "temperature" | "heat" | "gauge" | "thread" | "turn" | "count" | "meter" | "when" | "cone_try" | "part" | "stack" | "photos" | "sound" | "taps";
        Asked: {
            readings: components["schemas"]["Interpretation"][];
            chosen: number;
            worked: components["schemas"]["Worked"] | null;
            faults: {
                field: string;
                detail: string;
                missing: boolean;
            }[];
        };
        AssemblyResult: {
            bearings_minor: number;
            risk_minor: number;
            assembly_minor: number;
            break_even_minor: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        AxleEndsResult: {
            move_mm: number;
            turns: number;
            want_left_mm: number;
            want_right_mm: number;
            verdict: components["schemas"]["Verdict"];
        };
        BallRow: {
            part: string;
            ball_mm: number | null;
            circle_mm: number | null;
            result: components["schemas"]["BallsInCupResult"] | null;
        };
        BallsInCupResult: {
            fit: number;
            take: number;
            free_when_full_mm: number;
            free_mm: number;
            each_deg: number;
            verdict: components["schemas"]["Verdict"];
        };
        BasketLine: {
            what: components["schemas"]["Words"];
            ask_for: components["schemas"]["Words"];
            quantity: number;
            note: components["schemas"]["Words"] | null;
            known: boolean;
            made: boolean;
            shelf_item: number | null;
            on_shelf: number;
            ordered: number;
        };
        BasketShown: {
            offers: components["schemas"]["OfferShown"][];
            missing: number[];
            goods_minor: number;
            carriage_minor: number;
            total_minor: number;
            days: number | null;
        };
        Bearing: {
            number: string;
            series: string;
            kind: components["schemas"]["BearingKind"];
            system: string;
            bore_mm: number;
            outside_mm: number;
            open_width_mm: number;
            sealed_width_mm: number;
            table_corner_mm: number | null;
            commonness: number;
            flange_mm: number | null;
            load_n: number | null;
            static_load_n: number | null;
            other_outside_mm: number | null;
        };
        BearingFromCaliperResult: {
            number: string | null;
            candidates: components["schemas"]["CaliperCandidate"][];
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        BearingKind: "deep_groove" | "double_row" | "double_row_angular" | "angular_contact" | "self_aligning" | "cylindrical" | "taper" | "insert" | "hub_unit";
        BearingNumberResult: {
            number: string;
            written: string;
            kind: string;
            bore_mm: number | null;
            outside_mm: number | null;
            width_mm: number | null;
            seals: number | null;
            clearance: string;
            signs: components["schemas"]["Sign"][];
            ask_for: string;
            counter: components["schemas"]["Message"];
            candidates: components["schemas"]["NumberCandidate"][];
            substitutes: components["schemas"]["Substitute"][];
            in_this_hub: components["schemas"]["Verdict"] | null;
            verdict: components["schemas"]["Verdict"];
        };
        BenchBlock: {
            job: number;
            station: components["schemas"]["Station"];
            from: number;
            to: number;
            waits: boolean;
        };
        BenchDaySheet: {
            from: number;
            chosen: boolean;
            jobs: components["schemas"]["BenchJob"][];
            hands: components["schemas"]["BenchBlock"][];
            waits: components["schemas"]["BenchBlock"][];
            idle: number;
            end: number;
        };
        BenchJob: {
            job: components["schemas"]["JobCard"];
            hand_minutes: number;
            done_at: number | null;
            parts_on: string | null;
        };
        Block: {
            open: boolean;
            level: components["schemas"]["Level"];
            station: components["schemas"]["Station"];
            step: string;
            what: components["schemas"]["Message"];
            word: string | null;
            by_word: boolean;
            part: string | null;
        };
        /** @enum {string} */
        BoreDepth: "lip" | "middle" | "bottom";
        BoreSurveyResult: {
            mean_mm: number;
            ovality_mm: number | null;
            taper_mm: number | null;
            step_mm: number | null;
            pattern: string | null;
            map: components["schemas"]["WallPatch"][];
            verdict: components["schemas"]["Verdict"];
        };
        CalculatorCard: {
            name: string;
            title: components["schemas"]["Words"];
            station: string;
            answers: components["schemas"]["Words"];
            fields: components["schemas"]["CalculatorField"][];
            example: {
                [key: string]: unknown;
            };
        };
        CalculatorField: {
            name: string;
            label: components["schemas"]["Words"];
            kind: string;
            required: boolean;
            options: string[];
            labels: components["schemas"]["Words"][];
            instrument: string | null;
            of: components["schemas"]["CalculatorField"][];
            usual: components["schemas"]["Words"] | null;
        };
        CalendarLink: {
            address: string | null;
        };
        CaliperCandidate: {
            number: string;
            bore_mm: number;
            outside_mm: number;
            width_mm: number;
            system: string;
            kind: components["schemas"]["Words"];
            others: string[];
            chi_square: number;
            probability: number;
        };
        Cartridge: {
            number: string;
            bore_mm: number;
            outside_mm: number;
            width_mm: number;
            shim_left_mm: number | null;
            shim_right_mm: number | null;
            bush_mm: number | null;
            thin: boolean;
            sizes: string;
            made: string[];
            sealed: string;
        };
        ClearanceLeftResult: {
            taken_mm: number;
            left_least_mm: number;
            left_mean_mm: number;
            left_most_mm: number;
            verdict: components["schemas"]["Verdict"];
        };
        ClosedJob: {
            /** Format: date-time */
            at: string;
            by: string | null;
            reason: string;
        };
        CodeShown: {
            person: components["schemas"]["PersonCard"];
            code: string;
            address: string;
            /** Format: date-time */
            until: string;
            mailed: string | null;
        };
        ColumnShown: {
            name: components["schemas"]["PriceColumn"];
            label: components["schemas"]["Words"];
            needed: boolean;
            place: number | null;
        };
        Comparison: {
            level_db: number | null;
            at_turns_per_s: number | null;
            words: components["schemas"]["Message"][];
        };
        ConeCoachResult: {
            set_deg: number | null;
            turn_deg: number | null;
            loosest_tight_deg: number | null;
            tightest_loose_deg: number | null;
            shift_deg: number;
            shift_off_deg: number;
            end_play_mm: number | null;
            leave_at_rim_mm: number;
            sure: number | null;
            lockings: number;
            repeat: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        ConeFelt: "binds" | "gritty" | "none" | "trace" | "play";
        ConePlayResult: {
            end_play_mm: number;
            cone_turn_deg: number;
            flats: number;
            minutes: number;
            shortening_mm: number;
            shortening_turn_deg: number;
            leave_at_rim_mm: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        ConeStage: "open" | "one_nut" | "locked" | "clamped";
        ConeTry: {
            mark_deg: number;
            stage: components["schemas"]["ConeStage"];
            felt: components["schemas"]["ConeFelt"];
            rim_play_mm: number | null;
        };
        ConversionResult: {
            cartridges: components["schemas"]["Cartridge"][];
            pieces: components["schemas"]["PieceToMake"][];
            verdict: components["schemas"]["Verdict"];
        };
        DefectOrder: {
            part: string;
            order: number;
            least: number;
            most: number;
            hz: number;
        };
        DefectOrdersResult: {
            balls: number;
            ball_mm: number;
            guessed: boolean;
            orders: components["schemas"]["DefectOrder"][];
            verdict: components["schemas"]["Verdict"];
        };
        Difference: {
            what: components["schemas"]["Words"];
            old: components["schemas"]["Words"];
            new: components["schemas"]["Words"];
            level: components["schemas"]["Level"];
        };
        DrawRodResult: {
            least_mm: number;
            most_mm: number | null;
            torque_nm: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        DriverChoiceResult: {
            best: string | null;
            outer_zone_inside_mm: number;
            inner_zone_outside_mm: number;
            make_outside_most_mm: number;
            make_outside_least_mm: number;
            make_opening_least_mm: number;
            tools: components["schemas"]["DriverFit"][];
            make: components["schemas"]["ToolToMake"];
            verdict: components["schemas"]["Verdict"];
        };
        DriverFit: {
            id: string;
            name: components["schemas"]["Words"];
            outside_mm: number;
            opening_mm: number | null;
            contact: number;
            level: components["schemas"]["Level"];
            reason: components["schemas"]["Message"];
        };
        /** @enum {string} */
        DriverWay: "into_bore" | "onto_shaft" | "both_rings" | "out_from_behind";
        DueCard: {
            id: number;
            kind: string;
            machine: components["schemas"]["MachineCard"];
            wheel: string;
            job_id: number;
            what: string;
            words: components["schemas"]["Message"] | null;
            on: string | null;
            meter: string | null;
            rests_on: number | null;
            settled: boolean;
        };
        Entry: {
            id: string;
            place: string;
            value: {
                [key: string]: unknown;
            } | null;
            instrument: string | null;
            by: string;
            /** Format: date-time */
            made_at: string;
            newer: components["schemas"]["Replaced"] | null;
        };
        /** @enum {string} */
        ErrandKind: "take_job" | "read_prices" | "take_along";
        ErrandSheet: {
            id: string;
            kind: components["schemas"]["ErrandKind"];
            state: components["schemas"]["ErrandState"];
            done: number;
            of: number;
            problem: string | null;
            field: string | null;
            job: number | null;
            file: string | null;
            prices: components["schemas"]["PriceListSheet"] | null;
        };
        /** @enum {string} */
        ErrandState: "waiting" | "running" | "done" | "failed";
        Figure: {
            name: string;
            label: components["schemas"]["Message"];
            quantity: components["schemas"]["Quantity"];
            plus_minus: number | null;
        };
        Finding: {
            value: string;
            label: components["schemas"]["Words"];
            suggests: string;
        };
        FitBands: {
            nominal_mm: number;
            ring_low_mm: number;
            ring_high_mm: number;
            seat_low_mm: number;
            seat_high_mm: number;
            ring_measured: boolean;
            seat_measured: boolean;
        };
        FitResult: {
            interference_mm: number;
            decided_mm: number;
            interference_low_mm: number;
            interference_high_mm: number;
            interference_cold_mm: number;
            interference_warm_mm: number;
            probability_grips: number;
            loose: boolean;
            too_tight: boolean;
            bands: components["schemas"]["FitBands"];
            remedies: components["schemas"]["Remedy"][];
            verdict: components["schemas"]["Verdict"];
        };
        FloatResult: {
            float_mm: number;
            add: string[];
            float_then_mm: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        ForceWatchResult: {
            force_n: number;
            stop_n: number;
            of_stop: number;
            verdict: components["schemas"]["Verdict"];
        };
        GreaseResult: {
            way: string;
            seal_out: string;
            free_cm3: number;
            fill: number;
            grease_g: number;
            cavity_cm3: number | null;
            strokes: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        Habit: {
            name: string;
            label: components["schemas"]["Words"];
            options: components["schemas"]["Option"][];
            chosen: string;
            why: components["schemas"]["Words"];
        };
        HandsCard: {
            id: number;
            name: string;
        };
        /** @enum {string} */
        Hatch: "alloy" | "ring" | "steel" | "shaft" | "ball" | "rubber" | "felt" | "bronze" | "void" | "line";
        /** @enum {string} */
        Heard: "outer_ring" | "inner_ring" | "ball" | "dry" | "rub" | "quiet" | "unclear";
        HeatClockResult: {
            needed_c: number;
            left_s: number | null;
            time_constant_s: number;
            verdict: components["schemas"]["Verdict"];
        };
        HeatResult: {
            rise_k: number;
            wanted_c: number;
            target_c: number;
            limit_c: number;
            freezer_shrink_mm: number;
            verdict: components["schemas"]["Verdict"];
        };
        HomeResult: {
            expected_depth_mm: number | null;
            to_go_mm: number | null;
            groove_clear_mm: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        HubPart: {
            part: string;
            kind: components["schemas"]["PartKind"];
            kind_name: components["schemas"]["Words"];
            name: components["schemas"]["Words"];
            side: components["schemas"]["Side"];
            in_line: boolean;
            way: components["schemas"]["Words"];
            sizes: components["schemas"]["PartSize"][];
        };
        HubSheet: {
            pattern: string;
            name: components["schemas"]["Words"];
            met_on: components["schemas"]["Words"];
            turns: components["schemas"]["Words"];
            fit: components["schemas"]["Words"];
            cautions: components["schemas"]["Words"][];
            parts: components["schemas"]["HubPart"][];
            faults: components["schemas"]["StackFault"][];
            as_found: boolean;
            may_undo: boolean;
            may_redo: boolean;
            kinds: components["schemas"]["Option"][];
        };
        HubSizes: {
            left: components["schemas"]["Bearing"];
            right: components["schemas"]["Bearing"];
            left_width_mm: number;
            right_width_mm: number;
            over_faces_mm: number;
            ledge_depth_mm: number;
            sleeve_length_mm: number;
            hub_outside_mm: number;
            seal_width_mm: number;
            groove_edge_mm: number;
            groove_width_mm: number;
            ring_thickness_mm: number;
            two_ledges: boolean;
            first: components["schemas"]["Side"];
            measured: string[];
        };
        /** @enum {string} */
        Instrument: "steel_rule" | "vernier" | "digital_caliper" | "caliper_compared" | "depth_caliper" | "micrometer" | "bore_gauge" | "depth_micrometer" | "dial_gauge" | "feeler";
        Interpretation: {
            calculator: string;
            says: components["schemas"]["Words"];
            input: {
                [key: string]: unknown;
            };
        };
        JobCard: {
            id: number;
            number: number;
            wheel: string;
            pattern: string;
            machine: components["schemas"]["MachineCard"];
            complaint: string;
            waits_at: components["schemas"]["Station"];
            stations: components["schemas"]["StationCard"][];
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            signed_at: string | null;
            parts_on: string | null;
            left_for: components["schemas"]["Message"] | null;
            left_until: string | null;
            asked: string | null;
        };
        JobReport: {
            section: components["schemas"]["Section"];
            sizes: components["schemas"]["HubSizes"];
            stations: components["schemas"]["StationReport"][];
            tray: components["schemas"]["TrayItem"][];
            to_buy: components["schemas"]["ToBuy"][];
            match_left: components["schemas"]["Difference"][];
            match_right: components["schemas"]["Difference"][];
            candidates_left: components["schemas"]["CaliperCandidate"][];
            candidates_right: components["schemas"]["CaliperCandidate"][];
            drivers: components["schemas"]["SeatDriver"][];
            blocks: components["schemas"]["Block"][];
            may_sign: boolean;
            hub: components["schemas"]["HubSheet"];
            tools: components["schemas"]["ToolLine"][];
            part_findings: components["schemas"]["PartFinding"][];
            seats: components["schemas"]["SeatFinding"][];
            matches: components["schemas"]["PartMatch"][];
            set: components["schemas"]["SetFindings"];
            conversion: components["schemas"]["ConversionResult"] | null;
            carried: components["schemas"]["Message"] | null;
        };
        JobSheet: {
            id: number;
            number: number;
            wheel: string;
            pattern: string;
            pattern_name: components["schemas"]["Words"];
            machine: components["schemas"]["MachineCard"];
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            signed_at: string | null;
            signed_by: string | null;
            signed_as: string | null;
            closed: components["schemas"]["ClosedJob"] | null;
            entries: components["schemas"]["Entry"][];
            lent: components["schemas"]["LentEntry"][];
            report: components["schemas"]["JobReport"];
            addenda: components["schemas"]["AddendumCard"][];
            carried: components["schemas"]["DueCard"][];
            imported_from: string | null;
            said_signed: components["schemas"]["SaidSigned"] | null;
        };
        Kept: {
            id: string;
            place: string;
            value: {
                [key: string]: unknown;
            } | null;
            new: boolean;
        };
        KeyCard: {
            id: number | null;
            key: string;
            fingerprint: string;
            name: string;
            jobs: number;
            by: string | null;
            /** Format: date-time */
            accepted_at: string | null;
        };
        KeysShown: {
            fingerprint: string;
            accepted: components["schemas"]["KeyCard"][];
            seen: components["schemas"]["KeyCard"][];
        };
        LengthReadingResult: {
            length_mm: number;
            inches: string;
            fraction: string | null;
            verdict: components["schemas"]["Verdict"];
        };
        LentEntry: {
            id: string;
            place: string;
            value: {
                [key: string]: unknown;
            } | null;
            instrument: string | null;
            by: string;
            /** Format: date-time */
            made_at: string;
            job: number;
            wheel: string;
            same_wheel: boolean;
        };
        /** @enum {string} */
        Level: "go" | "care" | "stop";
        Likelihoods: {
            outer_ring: number;
            inner_ring: number;
            ball: number;
            dry: number;
            rub: number;
            quiet: number;
            unclear: number;
        };
        ListenResult: {
            finding: components["schemas"]["Heard"];
            likelihoods: components["schemas"]["Likelihoods"];
            turns_per_s: number | null;
            turns: number | null;
            tap_scatter_ms: number | null;
            seconds: number;
            level_db: number;
            crest: number;
            kurtosis: number;
            strengths: components["schemas"]["Strengths"];
            why: components["schemas"]["Message"][];
            picture: components["schemas"]["SoundPicture"] | null;
            comparison: components["schemas"]["Comparison"] | null;
            verdict: components["schemas"]["Verdict"];
        };
        LiveReport: {
            section: components["schemas"]["Section"];
            sizes: components["schemas"]["HubSizes"];
            tray: components["schemas"]["TrayItem"][];
            stations: components["schemas"]["StationReport"][];
            tools: components["schemas"]["ToolLine"][] | null;
            candidates_left: components["schemas"]["CaliperCandidate"][] | null;
            candidates_right: components["schemas"]["CaliperCandidate"][] | null;
            part_findings: components["schemas"]["PartFinding"][] | null;
            seats: components["schemas"]["SeatFinding"][] | null;
            conversion: components["schemas"]["ConversionResult"] | null;
            to_buy: components["schemas"]["ToBuy"][] | null;
            match_left: components["schemas"]["Difference"][] | null;
            match_right: components["schemas"]["Difference"][] | null;
            matches: components["schemas"]["PartMatch"][] | null;
            drivers: components["schemas"]["SeatDriver"][] | null;
            set: components["schemas"]["SetFindings"] | null;
            blocks: components["schemas"]["Block"][] | null;
            may_sign: boolean | null;
        };
        LogShown: {
            id: number;
            what: components["schemas"]["Logged"];
            by: string | null;
            about: string | null;
            detail: string;
            address: string;
            /** Format: date-time */
            at: string;
        };
        /** @enum {string} */
        Logged: "began" | "signed_in" | "sign_in_failed" | "added" | "renamed" | "role_changed" | "left" | "came_back" | "code_made" | "joined" | "password_changed" | "sessions_ended" | "shop_changed" | "token_made" | "token_ended" | "time_code_on" | "time_code_off" | "recovery_used" | "took_over" | "tablet_enrolled" | "tablet_ended" | "bench_code_changed" | "vouched" | "exported" | "imported" | "key_accepted" | "key_revoked" | "photo_removed" | "recording_removed" | "customer_erased" | "person_erased";
        MachineCard: {
            id: number;
            name: string;
            model: string;
            owner: string;
        };
        MachineHistory: {
            machine: components["schemas"]["MachineCard"];
            jobs: components["schemas"]["PastJob"][];
            sets: components["schemas"]["SetCard"][];
            due: components["schemas"]["DueCard"][];
        };
        MachineLine: {
            id: number;
            name: string;
            model: string;
            owner: string;
            open_jobs: number;
            /** Format: date-time */
            last_signed_at: string | null;
            due_on: string | null;
        };
        MachineListSheet: {
            machines: number;
            known: number;
            faults: components["schemas"]["RowFault"][];
            kept: boolean;
        };
        MatchCheckResult: {
            compared: components["schemas"]["Difference"][];
            verdict: components["schemas"]["Verdict"];
        };
        Message: {
            key: string;
            text: string;
            values: {
                [key: string]: string | number | components["schemas"]["Quantity"] | components["schemas"]["Message"];
            };
        };
        NextToolResult: {
            covered: number;
            uncovered: string[];
            offers: components["schemas"]["ToolOffer"][];
            verdict: components["schemas"]["Verdict"];
        };
        NumberCandidate: {
            written: string;
            reading: components["schemas"]["Message"];
            sizes: string | null;
            guessed: components["schemas"]["Message"] | null;
        };
        NutSlot: {
            back_deg: number;
            end_play_mm: number;
            in_band: boolean;
        };
        OfferShown: {
            need: number;
            supplier: number;
            supplier_name: string;
            article: string;
            quantity: number;
            price_minor: number;
            days: number | null;
            in_stock: boolean;
        };
        Option: {
            value: string;
            label: components["schemas"]["Words"];
        };
        OrderLineShown: {
            id: number;
            what: string;
            article: string;
            ask_for: string;
            quantity: number;
            price_minor: number;
            received: number;
        };
        OrderSheet: {
            id: number;
            number: number;
            supplier: string;
            job: number;
            job_number: number;
            machine: string;
            currency: string;
            goods_minor: number;
            carriage_minor: number;
            days: number | null;
            here: boolean;
            /** Format: date-time */
            ordered_at: string;
            by: string;
            lines: components["schemas"]["OrderLineShown"][];
        };
        Ordinary: {
            label: components["schemas"]["Message"];
            says: components["schemas"]["Words"][];
            answers: components["schemas"]["OrdinaryAnswer"][];
        };
        OrdinaryAnswer: {
            place: string;
            choice: string | null;
            choices: string[];
            done: boolean | null;
            state: string | null;
            condition: string | null;
            way_round: string | null;
            new: boolean | null;
        };
        Outline: {
            hatch: components["schemas"]["Hatch"];
            points: number[];
            round: number | null;
        };
        /** @enum {string} */
        Panel: "answers" | "clock" | "bearing" | "part_size" | "survey" | "conversion" | "driver" | "heat_clock" | "sleeve" | "tray" | "tools" | "captures" | "buying_list" | "match" | "assembly" | "balls" | "axle_ends" | "cone" | "taper" | "axle_float" | "centre" | "torques" | "before_after" | "kind" | "sign_off";
        PartCandidate: {
            name: components["schemas"]["Words"];
            sizes: components["schemas"]["Words"];
            system: string;
            chi_square: number;
            probability: number;
        };
        PartFinding: {
            part: string;
            ask_for: components["schemas"]["Words"] | null;
            article: string | null;
            candidates: components["schemas"]["PartCandidate"][];
        };
        PartFound: {
            found: string | null;
            candidates: components["schemas"]["PartCandidate"][];
            verdict: components["schemas"]["Verdict"];
            ask_for: components["schemas"]["Words"] | null;
        };
        /** @enum {string} */
        PartKind: "axle" | "housing" | "bearing" | "double_row" | "flanged_bearing" | "angular_bearing" | "bush" | "taper_cone" | "taper_cup" | "cup" | "cone" | "balls" | "seal" | "felt" | "dust_cap" | "ring_nut" | "snap_ring" | "clip" | "sleeve" | "washer" | "spacer" | "collar" | "end_cap" | "lock_nut" | "castle_nut" | "hub_flange" | "freehub" | "o_ring" | "nipple" | "seat_ring" | "axle_bush";
        PartMark: {
            part: string;
            low: number;
            high: number;
        };
        PartMatch: {
            part: string;
            compared: components["schemas"]["Difference"][];
        };
        PartSize: {
            size: string;
            label: components["schemas"]["Words"];
            length_mm: number;
        };
        /** @enum {string} */
        PartState: "in_place" | "on_tray" | "fitted" | "not_there" | "stays" | "scrapped";
        PastJob: {
            id: number;
            number: number;
            wheel: string;
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            signed_at: string | null;
            signed_by: string | null;
            fitted: string[];
            carried: string | null;
            look_again: string | null;
            closed_for: string | null;
            said_signed: components["schemas"]["SaidSigned"] | null;
        };
        PatternShown: {
            id: string;
            name: components["schemas"]["Words"];
            met_on: components["schemas"]["Words"];
            turns: components["schemas"]["Words"];
            called: string;
            fit: components["schemas"]["Words"];
            section: components["schemas"]["Section"];
            sure: boolean;
        };
        PeopleSheet: {
            people: components["schemas"]["PersonCard"][];
            may_change: boolean;
            mails: boolean;
        };
        Person: {
            id: number;
            name: string;
            email: string;
            role: components["schemas"]["Role"];
            shop: string;
            units: string;
            theme: string;
            may_sign: boolean;
            may_keep_tools: boolean;
            may_work: boolean;
            may_buy: boolean;
            alone: boolean;
            prices: boolean;
            address: string;
            time_code: boolean;
            recovery_left: number;
            bench_code: boolean;
            by_bench_code: boolean;
            tablet: string | null;
            lock_minutes: number | null;
            sending: string | null;
            time_zone: string;
            days: string;
        };
        PersonCard: {
            id: number;
            name: string;
            email: string | null;
            role: components["schemas"]["Role"];
            waits: boolean;
            /** Format: date-time */
            left_at: string | null;
            time_code: boolean;
        };
        PhotoCard: {
            id: string;
            width: number;
            height: number;
        };
        Piece: {
            part: string;
            kind: components["schemas"]["PartKind"];
            name: components["schemas"]["Words"];
            side: components["schemas"]["Side"];
            state: components["schemas"]["PartState"];
            from_mm: number;
            to_mm: number;
            inner_mm: number;
            outer_mm: number;
            outlines: components["schemas"]["Outline"][];
            tilt_deg: number | null;
            high_side: string | null;
        };
        PieceToMake: {
            name: components["schemas"]["Words"];
            outside_mm: number;
            bore_mm: number;
            bore_to_mm: number;
            length_mm: number;
            parts: string[];
        };
        Pong: {
            ok: boolean;
        };
        PressEvent: {
            name: string;
            travel_mm: number;
            force_n: number;
            label: components["schemas"]["Message"];
        };
        PressFitResult: {
            number: string;
            bore_mm: number;
            outside_mm: number;
            width_mm: number;
            fit: components["schemas"]["FitResult"];
            heat: components["schemas"]["HeatResult"] | null;
            force: components["schemas"]["PressForceResult"] | null;
            clearance: components["schemas"]["ClearanceLeftResult"] | null;
            verdict: components["schemas"]["Verdict"];
        };
        PressForceResult: {
            pressure_mpa: number;
            hoop_stress_mpa: number;
            force_n: number;
            force_low_n: number;
            force_high_n: number;
            stop_n: number;
            removal_n: number;
            share_of_press: number | null;
            draw_bolt_torque_nm: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        PressKind: "waiting" | "going" | "good" | "cocked" | "dirty_bore" | "oversize" | "early_home" | "missing_sleeve" | "loose";
        PressSample: {
            travel_mm: number;
            force_n: number;
        };
        PressSetup: {
            seat: string;
            part: string;
            grip_mm: number;
            home_mm: number;
            low_n: number;
            high_n: number;
            on_sleeve: boolean;
            measured: boolean;
        };
        PressTraceResult: {
            kind: components["schemas"]["PressKind"];
            slide_n: number | null;
            knee_mm: number | null;
            alarm_n: number;
            events: components["schemas"]["PressEvent"][];
            verdict: components["schemas"]["Verdict"];
        };
        PressingSheet: {
            id: string;
            state: components["schemas"]["PressingState"];
            count: number;
            setup: components["schemas"]["PressSetup"];
            samples: components["schemas"]["PressSample"][];
            result: components["schemas"]["PressTraceResult"] | null;
        };
        /** @enum {string} */
        PressingState: "waiting" | "running" | "ended" | "failed";
        /** @enum {string} */
        PriceColumn: "article" | "description" | "price" | "pack" | "stock" | "days";
        PriceLine: {
            line: number;
            article: string;
            description: string;
            key: string | null;
            price_minor: number;
            pack: number;
            stock: number | null;
            days: number | null;
        };
        PriceListSheet: {
            headers: string[];
            columns: components["schemas"]["ColumnShown"][];
            rows: number;
            taken: number;
            known: number;
            lines: components["schemas"]["PriceLine"][];
            faults: components["schemas"]["RowFault"][];
            kept: boolean;
        };
        /** @enum {string} */
        Push: "outer" | "inner" | "both";
        Quantity: {
            value: number;
            /** @enum {string} */
            unit: "mm" | "deg" | "n" | "nm" | "c" | "k" | "mpa" | "share" | "g" | "cm3" | "s" | "count";
            digits: number;
        };
        QuestionResult: {
            readings: components["schemas"]["Interpretation"][];
            verdict: components["schemas"]["Verdict"];
        };
        RecordingSheet: {
            id: string;
            rate: number;
            seconds: number;
            waits: boolean;
            heard: components["schemas"]["ListenResult"] | null;
            fault: string | null;
            /** Format: date-time */
            erased_at: string | null;
        };
        RecoveryCodes: {
            codes: string[];
        };
        Remedy: {
            name: components["schemas"]["Words"];
            what: components["schemas"]["Words"];
            cost: components["schemas"]["Words"];
            risk: components["schemas"]["Words"];
            serves: boolean;
        };
        Replaced: {
            value: {
                [key: string]: unknown;
            };
            instrument: string | null;
            by: string;
            /** Format: date-time */
            made_at: string;
        };
        /** @enum {string} */
        RingSeat: "bore" | "shaft";
        RockCheckResult: {
            first: components["schemas"]["Suspect"];
            may_be_ridden: boolean | null;
            urgency: components["schemas"]["Urgency"];
            left: number;
            suspects: components["schemas"]["Suspicion"][];
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        Role: "owner" | "mechanic" | "apprentice" | "counter";
        RowFault: {
            line: number;
            detail: string;
            taken: boolean;
        };
        SaidSigned: {
            text: string;
            checked: boolean;
            unknown_key: boolean;
        };
        SeatDriver: {
            place: string;
            parts: string[];
            push: components["schemas"]["Push"];
            choice: components["schemas"]["DriverChoiceResult"];
            chosen: components["schemas"]["Tool"] | null;
        };
        SeatFinding: {
            key: string;
            seat: components["schemas"]["RingSeat"];
            map: components["schemas"]["WallPatch"][];
            bands: components["schemas"]["FitBands"] | null;
            remedies: components["schemas"]["Remedy"][];
        };
        SeatingTrendResult: {
            points: components["schemas"]["TrendPoint"][];
            go_on_below_deg: number;
            drive_out_above_deg: number;
            verdict: components["schemas"]["Verdict"] | null;
        };
        SecondBearingResult: {
            rest_depth_mm: number | null;
            to_go_mm: number | null;
            plus_minus_mm: number | null;
            nut_turn_deg: number | null;
            advised_turn_deg: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        Section: {
            from_mm: number;
            to_mm: number;
            radius_mm: number;
            pieces: components["schemas"]["Piece"][];
            spans: components["schemas"]["Span"][];
            gaps: components["schemas"]["Span"][];
            left: components["schemas"]["Words"];
            right: components["schemas"]["Words"];
            note: components["schemas"]["Message"] | null;
        };
        SetCard: {
            wheel: string;
            bearings: string;
            fitted_on: string;
            ended_on: string | null;
            lasted_days: number | null;
            lasted_meter: string | null;
            job_id: number;
        };
        SetFindings: {
            balls: components["schemas"]["BallRow"][];
            axle_ends: components["schemas"]["AxleEndsResult"] | null;
            tries: components["schemas"]["ConeTry"][];
            cone: components["schemas"]["ConeCoachResult"] | null;
            taper: components["schemas"]["TaperNutResult"] | null;
            float: components["schemas"]["FloatResult"] | null;
            centre: components["schemas"]["WheelCentreResult"] | null;
        };
        ShelfCard: {
            id: number;
            article: string;
            count: number;
            known: boolean;
        };
        ShopSheet: {
            name: string;
            place: string;
            time_zone: string;
            currency: string;
            hour_minor: number;
            units: string;
            paper: string;
            press_n: number | null;
            draw_bolt: string;
            alone: boolean;
            prices: boolean;
            lock_minutes: number | null;
            may_change: boolean;
            habits: components["schemas"]["Habit"][];
        };
        ShoppingSheet: {
            currency: string;
            hour_minor: number;
            minutes: number;
            lines: components["schemas"]["BasketLine"][];
            offers: components["schemas"]["OfferShown"][];
            cheapest: components["schemas"]["BasketShown"];
            soonest: components["schemas"]["BasketShown"];
        };
        /** @enum {string} */
        Side: "left" | "right" | "middle";
        Sign: {
            sign: string;
            family: string;
            seals: number | null;
            meaning: components["schemas"]["Words"];
        };
        SleeveLengthResult: {
            gap_mm: number;
            allowed_short_mm: number;
            verdict: components["schemas"]["Verdict"];
        };
        SleeveToMakeResult: {
            span_mm: number;
            length_mm: number;
            cut_mm: number;
            bore_least_mm: number;
            bore_most_mm: number;
            outside_most_mm: number;
            tube: components["schemas"]["Words"] | null;
            verdict: components["schemas"]["Verdict"];
        };
        SlidingFitResult: {
            interference_mm: number;
            verdict: components["schemas"]["Verdict"];
        };
        SoundPicture: {
            turns: string[];
            orders: number[];
            marks: components["schemas"]["PartMark"][];
        };
        Span: {
            of: components["schemas"]["SpanOf"];
            label: components["schemas"]["Words"];
            from_mm: number;
            to_mm: number;
            measured: boolean;
        };
        /** @enum {string} */
        SpanOf: "over_faces" | "ledge" | "sleeve" | "gap";
        SpinDownResult: {
            speed: number;
            slowing: number;
            slowing_plus_minus: number;
            shape: string;
            of_before: number | null;
            of_other: number | null;
            torque_nm: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        SquareResult: {
            mean_depth_mm: number | null;
            tilt_mm: number | null;
            tilt_plus_minus_mm: number | null;
            angle_deg: number | null;
            angle_plus_minus_deg: number | null;
            high_side: string | null;
            verdict: components["schemas"]["Verdict"];
        };
        StackFault: {
            say: components["schemas"]["Message"];
            parts: string[];
        };
        /** @enum {string} */
        Station: "check_in" | "strip" | "size" | "source" | "seat" | "set" | "prove";
        StationCard: {
            station: components["schemas"]["Station"];
            label: components["schemas"]["Words"];
            status: components["schemas"]["Status"];
        };
        StationReport: {
            station: components["schemas"]["Station"];
            label: components["schemas"]["Words"];
            status: components["schemas"]["Status"];
            done_steps: number;
            total_steps: number;
            steps: components["schemas"]["Step"][];
            ordinary: components["schemas"]["Ordinary"] | null;
        };
        /** @enum {string} */
        Status: "untouched" | "under_way" | "settled" | "care" | "stop";
        Step: {
            id: string;
            title: components["schemas"]["Message"];
            detail: components["schemas"]["Message"] | null;
            tool: components["schemas"]["Message"] | null;
            why: components["schemas"]["Message"] | null;
            caution: components["schemas"]["Message"] | null;
            find: components["schemas"]["Message"] | null;
            part: string | null;
            panel: components["schemas"]["Panel"];
            asks: components["schemas"]["Ask"][];
            verdicts: components["schemas"]["Verdict"][];
            done: boolean;
            holds: boolean;
            only_stops: boolean;
            hand_minutes: number;
            wait_minutes: number;
            optional: boolean;
            waits_for: components["schemas"]["Message"][];
            ordinary: components["schemas"]["Ordinary"] | null;
            leads_on: boolean;
            judges: boolean;
        };
        Strengths: {
            outer_ring: number | null;
            inner_ring: number | null;
            ball: number | null;
            cage: number | null;
            turn: number | null;
        };
        Substitute: {
            number: components["schemas"]["Words"];
            may: boolean;
            why: components["schemas"]["Words"];
        };
        SupplierCard: {
            id: number;
            name: string;
            carriage_minor: number;
            days: number;
            restock_days: number | null;
            /** Format: date-time */
            priced_at: string | null;
            articles: number;
        };
        SupportChoiceResult: {
            opening_least_mm: number;
            opening_most_mm: number;
            height_least_mm: number;
            best: string | null;
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        Suspect: "bearings" | "brake" | "axle_nut" | "joints" | "wheel_tyre" | "seal" | "cone_setting" | "freehub";
        Suspicion: {
            suspect: components["schemas"]["Suspect"];
            probability: number;
            reasons: string[];
        };
        TabletCard: {
            id: number;
            name: string;
            by: string;
            /** Format: date-time */
            since: string;
            here: boolean;
        };
        TaperNutResult: {
            step_mm: number;
            band_low_mm: number;
            band_high_mm: number;
            reachable: components["schemas"]["NutSlot"][];
            chosen: number | null;
            shim_mm: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        TaperSetResult: {
            belongs: boolean | null;
            set: string | null;
            cups: string[];
            cones: string[];
            verdict: components["schemas"]["Verdict"];
        };
        TimeCodeBegun: {
            secret: string;
            address: string;
        };
        ToBuy: {
            what: components["schemas"]["Words"];
            ask_for: components["schemas"]["Words"];
            quantity: number;
            note: components["schemas"]["Words"] | null;
            key: string | null;
            made: boolean;
        };
        TokenCard: {
            id: number;
            name: string;
            by: string;
            rights: string[];
            /** Format: date-time */
            used_at: string | null;
            /** Format: date-time */
            until: string | null;
        };
        TokenMade: {
            card: components["schemas"]["TokenCard"];
            token: string;
        };
        Tool: {
            id: string;
            name: components["schemas"]["Words"];
            kind: components["schemas"]["ToolKind"];
            outside_mm: number;
            opening_mm: number | null;
            length_mm: number;
        };
        ToolCard: {
            id: number;
            name: string;
            kind: components["schemas"]["ToolKind"];
            kind_name: components["schemas"]["Words"];
            driver: boolean;
            outside_mm: number | null;
            opening_mm: number | null;
            length_mm: number | null;
            across_mm: number | null;
            ram_mm: number | null;
            pitch_mm: number | null;
            capacity_n: number | null;
            torque_low_nm: number | null;
            torque_high_nm: number | null;
            plus_minus_mm: number | null;
            count: number;
            reads: components["schemas"]["Instrument"] | null;
        };
        /** @enum {string} */
        ToolKind: "cup" | "disc" | "pipe" | "impact_socket" | "chrome_socket" | "old_ring" | "seal_lever" | "ring_pliers_in" | "ring_pliers_out" | "drift" | "soft_mallet" | "puller_blind" | "slide_hammer" | "rod" | "press" | "heat_gun" | "thermometer" | "jaw_puller" | "magnet" | "cutters" | "cone_spanner" | "spanner" | "socket" | "ring_nut_tool" | "cap_spanner" | "lock_ring_tool" | "chain_whip" | "freewheel_remover" | "chisel" | "washer" | "stand_ring" | "torque_wrench" | "gauge" | "freezer";
        ToolLine: {
            tool: components["schemas"]["Words"];
            size: components["schemas"]["Message"] | null;
            have: string | null;
            stand_in: components["schemas"]["Message"] | null;
            step: components["schemas"]["Message"];
            step_id: string;
        };
        ToolListSheet: {
            tools: number;
            known: number;
            faults: components["schemas"]["RowFault"][];
            kept: boolean;
        };
        ToolOffer: {
            name: components["schemas"]["Words"];
            outside_mm: number;
            opening_mm: number | null;
            numbers: string[];
            jobs: number;
        };
        ToolToMake: {
            way: components["schemas"]["DriverWay"];
            outside_least_mm: number;
            outside_most_mm: number;
            opening_least_mm: number;
            opening_most_mm: number;
            length_mm: number;
            pilot_mm: number | null;
            from: components["schemas"]["Words"] | null;
            as_it_is: boolean;
        };
        TorqueResult: {
            set_nm: number | null;
            ceiling_nm: number | null;
            verdict: components["schemas"]["Verdict"];
        };
        TraceSheet: {
            id: string;
            seat: string;
            source: string;
            made_at: string;
            setup: components["schemas"]["PressSetup"];
            samples: components["schemas"]["PressSample"][];
            result: components["schemas"]["PressTraceResult"];
        };
        TracesShown: {
            data: components["schemas"]["TraceSheet"][];
            stand_in: boolean;
            keeps: boolean;
        };
        TrayItem: {
            part: string;
            kind: components["schemas"]["PartKind"];
            name: components["schemas"]["Words"];
            side: components["schemas"]["Side"];
            state: components["schemas"]["PartState"];
            condition: string | null;
            way_round: components["schemas"]["Words"] | null;
            order: number | null;
            photos: string[];
            findings: components["schemas"]["Words"][];
            note: string | null;
            reason: string | null;
            new: boolean;
        };
        TrendPoint: {
            depth_mm: number;
            tilt_mm: number;
            angle_deg: number;
            high_side: string | null;
            level: components["schemas"]["Level"];
        };
        /** @enum {string} */
        Urgency: "do_not_ride" | "soon" | "next_chance" | "fine";
        Verdict: {
            level: components["schemas"]["Level"];
            headline: components["schemas"]["Message"];
            sentence: components["schemas"]["Message"];
            figures: components["schemas"]["Figure"][];
            why: components["schemas"]["Message"][];
            next: components["schemas"]["Message"] | null;
            settled_by: components["schemas"]["Message"] | null;
            working: components["schemas"]["Working"];
            kind: components["schemas"]["VerdictKind"] | null;
        };
        /** @enum {string} */
        VerdictKind: "squareness" | "time_left" | "bearing_number" | "piece_to_make";
        WallPatch: {
            depth: components["schemas"]["BoreDepth"];
            clock: string;
            diameter_mm: number;
            off_mm: number;
        };
        WheelCentreResult: {
            spacer_left_mm: number;
            spacer_right_mm: number;
            rim_offset_mm: number;
            stack_left: string[];
            stack_right: string[];
            verdict: components["schemas"]["Verdict"];
        };
        Words: string | components["schemas"]["Message"];
        Worked: {
            /** @constant */
            calculator: "question";
            result: components["schemas"]["QuestionResult"];
        } | {
            /** @constant */
            calculator: "length";
            result: components["schemas"]["LengthReadingResult"];
        } | {
            /** @constant */
            calculator: "rock-check";
            result: components["schemas"]["RockCheckResult"];
        } | {
            /** @constant */
            calculator: "defect-orders";
            result: components["schemas"]["DefectOrdersResult"];
        } | {
            /** @constant */
            calculator: "listen";
            result: components["schemas"]["ListenResult"];
        } | {
            /** @constant */
            calculator: "spin-down";
            result: components["schemas"]["SpinDownResult"];
        } | {
            /** @constant */
            calculator: "bearing-number";
            result: components["schemas"]["BearingNumberResult"];
        } | {
            /** @constant */
            calculator: "bearing-from-caliper";
            result: components["schemas"]["BearingFromCaliperResult"];
        } | {
            /** @constant */
            calculator: "taper-set";
            result: components["schemas"]["TaperSetResult"];
        } | {
            /** @constant */
            calculator: "seal";
            result: components["schemas"]["PartFound"];
        } | {
            /** @constant */
            calculator: "snap-ring";
            result: components["schemas"]["PartFound"];
        } | {
            /** @constant */
            calculator: "balls";
            result: components["schemas"]["PartFound"];
        } | {
            /** @constant */
            calculator: "split-pin";
            result: components["schemas"]["PartFound"];
        } | {
            /** @constant */
            calculator: "o-ring";
            result: components["schemas"]["PartFound"];
        } | {
            /** @constant */
            calculator: "bore-survey";
            result: components["schemas"]["BoreSurveyResult"];
        } | {
            /** @constant */
            calculator: "press-fit";
            result: components["schemas"]["PressFitResult"];
        } | {
            /** @constant */
            calculator: "fit";
            result: components["schemas"]["FitResult"];
        } | {
            /** @constant */
            calculator: "shaft-fit";
            result: components["schemas"]["FitResult"];
        } | {
            /** @constant */
            calculator: "sliding-fit";
            result: components["schemas"]["SlidingFitResult"];
        } | {
            /** @constant */
            calculator: "heat";
            result: components["schemas"]["HeatResult"];
        } | {
            /** @constant */
            calculator: "ring-heat";
            result: components["schemas"]["HeatResult"];
        } | {
            /** @constant */
            calculator: "press-force";
            result: components["schemas"]["PressForceResult"];
        } | {
            /** @constant */
            calculator: "clearance-left";
            result: components["schemas"]["ClearanceLeftResult"];
        } | {
            /** @constant */
            calculator: "conversion";
            result: components["schemas"]["ConversionResult"];
        } | {
            /** @constant */
            calculator: "grease";
            result: components["schemas"]["GreaseResult"];
        } | {
            /** @constant */
            calculator: "match-check";
            result: components["schemas"]["MatchCheckResult"];
        } | {
            /** @constant */
            calculator: "match-part";
            result: components["schemas"]["MatchCheckResult"];
        } | {
            /** @constant */
            calculator: "bearings-or-assembly";
            result: components["schemas"]["AssemblyResult"];
        } | {
            /** @constant */
            calculator: "driver";
            result: components["schemas"]["DriverChoiceResult"];
        } | {
            /** @constant */
            calculator: "next-tool";
            result: components["schemas"]["NextToolResult"];
        } | {
            /** @constant */
            calculator: "support";
            result: components["schemas"]["SupportChoiceResult"];
        } | {
            /** @constant */
            calculator: "draw-rod";
            result: components["schemas"]["DrawRodResult"];
        } | {
            /** @constant */
            calculator: "heat-clock";
            result: components["schemas"]["HeatClockResult"];
        } | {
            /** @constant */
            calculator: "square";
            result: components["schemas"]["SquareResult"];
        } | {
            /** @constant */
            calculator: "seating-trend";
            result: components["schemas"]["SeatingTrendResult"];
        } | {
            /** @constant */
            calculator: "force-watch";
            result: components["schemas"]["ForceWatchResult"];
        } | {
            /** @constant */
            calculator: "press-trace";
            result: components["schemas"]["PressTraceResult"];
        } | {
            /** @constant */
            calculator: "home";
            result: components["schemas"]["HomeResult"];
        } | {
            /** @constant */
            calculator: "sleeve-length";
            result: components["schemas"]["SleeveLengthResult"];
        } | {
            /** @constant */
            calculator: "sleeve-to-make";
            result: components["schemas"]["SleeveToMakeResult"];
        } | {
            /** @constant */
            calculator: "second-bearing";
            result: components["schemas"]["SecondBearingResult"];
        } | {
            /** @constant */
            calculator: "balls-in-cup";
            result: components["schemas"]["BallsInCupResult"];
        } | {
            /** @constant */
            calculator: "axle-ends";
            result: components["schemas"]["AxleEndsResult"];
        } | {
            /** @constant */
            calculator: "cone-play";
            result: components["schemas"]["ConePlayResult"];
        } | {
            /** @constant */
            calculator: "cone-coach";
            result: components["schemas"]["ConeCoachResult"];
        } | {
            /** @constant */
            calculator: "taper-nut";
            result: components["schemas"]["TaperNutResult"];
        } | {
            /** @constant */
            calculator: "axle-float";
            result: components["schemas"]["FloatResult"];
        } | {
            /** @constant */
            calculator: "wheel-centre";
            result: components["schemas"]["WheelCentreResult"];
        } | {
            /** @constant */
            calculator: "torque";
            result: components["schemas"]["TorqueResult"];
        };
        Working: {
            lines: {
                what: components["schemas"]["Words"];
                formula: components["schemas"]["Words"];
                numbers: components["schemas"]["Words"];
                result: components["schemas"]["Words"];
            }[];
        };
        Problem: {
            type: string;
            title: string;
            status: number;
            detail: string;
            errors: {
                field: string;
                detail: string;
                /** @description What was entered there */
                value?: string;
            }[];
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export type operations = Record<string, never>;
