export interface paths {
    "/health": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["Health"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetSession"];
        put?: never;
        post?: never;
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
        post: operations["SignIn"];
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
        post: operations["SignOut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workshop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every machine's tideline, what to do next and why, what goes on without hands, and the day. */
        get: operations["GetWorkshop"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/find": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Machines, parts on boards and drawer parts whose name holds the words. */
        get: operations["Find"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workshop/settings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetSettings"];
        put: operations["EditSettings"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workshop/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who has been at the bench, as the log names them; the latest first. */
        get: operations["GetPeople"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/photos": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Body: the photo itself. Turned upright, stripped of location, stored once in three sizes; sent again with the same photoId, it is still one. */
        post: operations["AddPhoto"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/photos/{photoId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["NamePhoto"];
        post?: never;
        delete: operations["RemovePhoto"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/photos/{hash}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetPhoto"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/lots": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeLotIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/dangers/{dangerId}/looked": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A danger whose entry was deleted or reworded ends here: somebody looks again and says what is there. */
        post: operations["LookAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/colour/card.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A card to print and cut out: paper, greys, black and a rule. Readings under it are differences. */
        get: operations["GetColourCard"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workshop/checks.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What has to be looked at on which day, as iCalendar. */
        get: operations["GetCheckCalendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/meter/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Reads one settled value from the workshop's meter. Writes nothing. */
        post: operations["ReadMeter"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kinds": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What is usual of kinds of machines: likelihoods, to be confirmed by looking. */
        get: operations["GetKinds"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/import": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ImportMachine"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/log/{entryId}/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["Undo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/waits": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Longest over first, then what is over next; what nobody knows the end of last. */
        get: operations["GetWaits"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Takes a machine in. */
        post: operations["TakeIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetMachine"];
        put: operations["EditMachine"];
        post?: never;
        /** Takes it off the list; nothing of it is lost, and undo brings it back. */
        delete: operations["RemoveMachine"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/usual": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What is usual of its kind, what of that nobody has looked at yet, and the hours that such a machine takes. */
        get: operations["GetUsual"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/put-back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PutMachineBack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/shipped": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetShipped"];
        put?: never;
        post: operations["AddFoundItem"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/shipped/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditFoundItem"];
        post?: never;
        delete: operations["RemoveFoundItem"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/lot": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetLot"];
        put: operations["EditLot"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/lot/boxes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddBox"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/lot/boxes/{boxId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditBox"];
        post?: never;
        delete: operations["RemoveBox"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/lot/boxes/{boxId}/lock": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["LockBox"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/lot/sort": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Carries the plan out: boxes become machines and donors, and the donors' good parts stand in the store. */
        post: operations["SortLot"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/survey": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetSurvey"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/survey/findings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddFinding"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/survey/findings/{findingId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditFinding"];
        post?: never;
        delete: operations["RemoveFinding"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/survey/findings/{findingId}/dealt-with": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["DealWithFinding"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/survey/looked": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Closes the survey once every place has its answer, or with why the rest is left out. */
        post: operations["LookedOver"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/checklist": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetChecklist"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/checklist/{item}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Bad raises the finding that the item stands for, with its cautions and the work that it implies. */
        post: operations["AnswerChecklist"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/observations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetObservations"];
        put?: never;
        post: operations["Observe"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/observations/{observationId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["VoidObservation"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetStrip"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/steps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Adds a step. Sent again with the same id, it answers as before and adds nothing. */
        post: operations["AddStripStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/steps/{stepId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditStripStep"];
        post?: never;
        /** Refused while other steps sat behind it, unless mend=true hands them what it sat behind. */
        delete: operations["RemoveStripStep"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/steps/{stepId}/fasteners": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddStripFastener"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/fasteners/{fastenerId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditStripFastener"];
        post?: never;
        delete: operations["RemoveStripFastener"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/steps/{stepId}/connectors": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddStripConnector"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/connectors/{connectorId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditStripConnector"];
        post?: never;
        delete: operations["RemoveStripConnector"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetRebuild"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild/{stepId}/back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PutBack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild/{stepId}/out": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeOutAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild/{stepId}/tested": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TestedBeforeCovered"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild/fasteners/{fastenerId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Refuses a screw of another thread, or one that is longer than what came out. */
        post: operations["PutFastenerBack"];
        delete: operations["TakeFastenerOut"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild/connectors/{connectorId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PlugIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild/nothing-on": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetNoPower"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/rebuild/nothing-on/{check}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["LookedAtSeating"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/before": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Before it is opened: what to measure, copy, photograph and have ready; traps; how many evenings. */
        get: operations["GetBeforeOpening"];
        put?: never;
        post: operations["AnswerBefore"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/opening": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What comes off for the work that is left, how deep it could be opened with hours and risk, and what else lies open then. */
        get: operations["GetOpening"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/opening/pieces": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** What sits in front of what, outermost first; the strip-down's record outranks it. */
        put: operations["SayPieces"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/opening/behind": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Where a piece of work lies. */
        post: operations["SayBehind"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/opening/depth": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How deep it is opened this time; what lies deeper is kept, and not planned. */
        post: operations["OpenDownTo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/opening/too": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What is proposed while it is open becomes listed work. */
        post: operations["DoWhileOpen"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/labels.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A sheet of tray labels, A4, 24 to a sheet; each QR code opens its step. */
        get: operations["GetTrayLabels"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/strip/profile": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SaveStripProfile"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetStore"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store/parts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddStorePart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store/parts/{partId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditStorePart"];
        post?: never;
        delete: operations["RemoveStorePart"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store/fasteners": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddStoreFastener"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store/fasteners/{fastenerId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditStoreFastener"];
        post?: never;
        delete: operations["RemoveStoreFastener"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store/supplies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetSupplies"];
        put?: never;
        post: operations["AddSupply"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store/supplies/{supplyId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditSupply"];
        post?: never;
        delete: operations["RemoveSupply"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/store/supplies/{supplyId}/count": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["CountSupply"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetPower"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/{kind}/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ReadRail"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/{kind}/close": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Judges the step from its readings: passes it, or stops everything after it. */
        post: operations["ClosePowerStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/{kind}/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakePowerStepAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/{kind}/overrule": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["OverrulePowerStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/load": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** States the load that the supply hangs on from now; the hour that earns full trust begins. */
        post: operations["LoadOn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/in-pieces": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Powered although it is in pieces: what it lies on, what hangs loose, what is missing, for how long. */
        post: operations["AllowTestInPieces"];
        delete: operations["EndTestInPieces"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/rails": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["SetRails"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/power/ran": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Says when the machine was last seen running: from that follows how it is brought to power. */
        post: operations["SayRan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/battery": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetBattery"];
        put: operations["EditBattery"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/battery/choose": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ChooseReplacement"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/battery/step": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeCellStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/battery/charging": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Readings with the cell out: what they say is written into the cell's site. */
        post: operations["ReadChargingLine"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/battery/place": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["PlaceCell"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/battery/pack": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditPack"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everything on the machine's boards, judged. */
        get: operations["GetCapacitors"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddBoard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditBoard"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/straighten": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The photo from straight above, from its four corners; what is marked on it moves along. */
        post: operations["StraightenBoard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/scale": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ScaleBoard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/register": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Lays the back on the front by holes seen on both. */
        post: operations["RegisterBoard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/plans": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Where a board's plan can come from. */
        get: operations["GetBoardPlans"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Adds what a plan has and this board has not; nothing is overwritten. */
        post: operations["TakeBoardPlan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/keep": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Saves what is marked as a plan in the workshop's own pack. */
        post: operations["KeepBoardPlan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ExportCapacitors"];
        put?: never;
        /** Takes a whole list or nothing. */
        post: operations["ImportCapacitors"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/capacitors": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddCapacitor"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/{capacitorId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditCapacitor"];
        post?: never;
        delete: operations["RemoveCapacitor"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/{capacitorId}/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ReadCapacitor"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/readings/strike": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Strikes the last reading of each, as after a sitting in which the meter drifted. */
        post: operations["VoidCapacitorReadings"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/areas": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddArea"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/areas/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditArea"];
        post?: never;
        delete: operations["RemoveArea"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/areas/{areaId}/looks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A new look: stage and size on this day; says when to look again. */
        post: operations["LookAtArea"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/areas/{areaId}/step": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeAreaStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/areas/{areaId}/otherwise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was cleaned already, or otherwise; pH paper stands for the residue, and time for the drying. */
        post: operations["AreaOtherwise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/nets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddNet"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/nets/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditNet"];
        post?: never;
        delete: operations["RemoveNet"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/nets/{netId}/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ReadNet"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/nets/{netId}/repair": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A jumper or tinned copper; the net is measured again after it. */
        post: operations["RepairNet"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/hot": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddHotPart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/hot/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditHotPart"];
        post?: never;
        delete: operations["RemoveHotPart"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/hot/{hotId}/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ReadHotPart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/hot/{hotId}/fitted": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["FitHotPart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/boards/{boardId}/soldered": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddSolderedPart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/soldered/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditSolderedPart"];
        post?: never;
        delete: operations["RemoveSolderedPart"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/soldered/{partId}/otherwise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was soldered already, or otherwise; its joints, neighbours and flux are still looked at. */
        post: operations["SolderedOtherwise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/soldered/{partId}/step": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeSolderStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/soldered/{partId}/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SolderAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetCleaning"];
        put?: never;
        post: operations["AddCleanedItem"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditCleanedItem"];
        post?: never;
        delete: operations["RemoveCleanedItem"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/otherwise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was cleaned already, or otherwise; where a liquid may have gone on it, it dries first. */
        post: operations["CleanedOtherwise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TryMethod"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/list": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What came off or was found goes on the case's list, any number of them in one act. */
        post: operations["ListCandidates"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/together": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** One pass over several items, answered once for all of them, and undone as one. */
        post: operations["TryTogether"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/compare": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ComparePatches"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/before": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["NoteBefore"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/soak": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["StartSoak"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/seat": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TestSeat"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/odour": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["RateOdour"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/odour/rung": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeOdourRung"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/rinse": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["RinseItem"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/weigh": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WeighItem"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/dry": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["DryItem"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/cleaning/{itemId}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["FinishItem"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddWhitening"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditWhitening"];
        post?: never;
        delete: operations["RemoveWhitening"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/policy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["ChooseColourPolicy"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/{runId}/start": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["StartSession"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/{runId}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["EndSession"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/{runId}/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Measures, and keeps nothing. */
        post: operations["LookAtColour"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/{runId}/measure": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["MeasureColour"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/{runId}/repeat": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["RepeatColour"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/whitening/{runId}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["FinishWhitening"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/panels": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddPanel"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/panels/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditPanel"];
        post?: never;
        delete: operations["RemovePanel"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/panels/{panelId}/rust": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["MeasureRust"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/panels/{panelId}/otherwise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The panel was done already, or otherwise; its earth points are still measured. */
        post: operations["PanelOtherwise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/panels/{panelId}/step": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeFinishStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/panels/{panelId}/sample": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How far a sample of paint is from the part, on one photo. Keeps nothing. */
        post: operations["CompareSample"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/panels/{panelId}/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["RustAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mendings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddMending"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mendings/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditMending"];
        post?: never;
        delete: operations["RemoveMending"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mendings/{mendingId}/step": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeMendingStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mendings/{mendingId}/otherwise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was mended already, or otherwise. */
        post: operations["MendedOtherwise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mendings/{mendingId}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["FinishMending"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddKeyboard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditKeyboard"];
        post?: never;
        delete: operations["RemoveKeyboard"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/lay": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["LayKeys"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/off": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeCapsOff"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PutCapsBack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/keys/{key}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ChangeCap"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/fill": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["FillCap"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/test": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TestKey"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TryKey"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/missing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["MissCap"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mechanisms": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddMechanism"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mechanisms/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditMechanism"];
        post?: never;
        delete: operations["RemoveMechanism"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mechanisms/{mechanismId}/step": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeMechanismStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mechanisms/{mechanismId}/otherwise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was serviced already, or otherwise; what has to be copied, read or tried is left. */
        post: operations["ServicedOtherwise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/mechanisms/{mechanismId}/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ServiceAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/suppliers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetSuppliers"];
        put?: never;
        post: operations["AddSupplier"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/suppliers/{supplierId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditSupplier"];
        post?: never;
        delete: operations["RemoveSupplier"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/suppliers/{supplierId}/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Asks the supplier for its list. */
        post: operations["ReadSupplier"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/suppliers/{supplierId}/csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Takes a whole list or nothing. */
        post: operations["ImportOffers"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Which parts are in the drawer, what has to be bought, the order that costs least, and what is in the post. */
        get: operations["GetOrders"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/{orderId}/expected": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** A parcel comes on another day than was thought: what waits for it waits until then. */
        put: operations["ParcelComes"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/plan.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ExportOrderPlan"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/shopping-list.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What has to be bought by value, volts, kind and size, without any supplier. */
        get: operations["ExportShoppingList"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/set-aside": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sets aside every part that is in the drawer, each piece once. */
        post: operations["SetAside"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/send": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Writes the orders down, then sends each; one that a supplier does not take stays and can be sent again. */
        post: operations["SendOrders"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/{orderId}/send": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SendOrderAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/{orderId}/ask": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Asks the supplier how the order stands. */
        post: operations["AskOrder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/{orderId}/arrived": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Books what came into the drawer and sets it aside for what waited. */
        post: operations["BookIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/{orderId}/cancel": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["CancelOrder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/orders/{orderId}/csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ExportOrder"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/{capacitorId}/substitutes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What from the drawer will do, best first, with every rule. */
        get: operations["GetSubstitutes"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/{capacitorId}/reserve": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ReservePart"];
        delete: operations["ReleasePart"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/{capacitorId}/fitting": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeFittingStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/{capacitorId}/otherwise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was exchanged already, or otherwise; its way round and a reading are still wanted. */
        post: operations["CapacitorOtherwise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/capacitors/{capacitorId}/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The new part comes out again, because it is bad or the wrong one; its readings are kept. */
        post: operations["ExchangeAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drawer": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetDrawer"];
        put?: never;
        post: operations["AddDrawerPart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drawer/labels.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A sheet of drawer labels, A4, 24 to a sheet; each QR code opens its count. */
        get: operations["GetDrawerLabels"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drawer/{partId}/count": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What lies there by count. A reserved piece that was taken by hand frees its place, which is wanted again. */
        post: operations["CountDrawerPart"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drawer/{partId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditDrawerPart"];
        post?: never;
        delete: operations["RemoveDrawerPart"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/packs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetPacks"];
        put?: never;
        post: operations["ImportPack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/packs/{packId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ExportPack"];
        put?: never;
        post?: never;
        delete: operations["RemovePack"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/proofs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetProofs"];
        put?: never;
        post: operations["AddProof"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/proofs/{proofId}/runs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddRun"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/proofs/{proofId}/runs/{runId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["VoidRun"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/write-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetWriteUp"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/hand-over": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["HandOver"];
        delete: operations["TakeBack"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/export": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The machine's document as JSON; with photos=true a ZIP of it and its photos. */
        get: operations["ExportMachine"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/stages/{stage}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetStage"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/jobs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddJob"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/jobs/{rowId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditJob"];
        post?: never;
        delete: operations["RemoveJob"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/jobs/{jobId}/state": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Done, to do again, or waiting: asked of every room, wherever it is said. */
        post: operations["MoveJob"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/stages/{stage}/close": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["CloseStage"];
        delete: operations["ReopenStage"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/overrules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A person's decision against a verdict; both are kept. */
        post: operations["Overrule"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/log": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetLog"];
        put?: never;
        /** A sentence of one's own for the machine's log, such as what was worked out beside it. */
        post: operations["WriteLog"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The plan as it is: kept where nothing changed, made again round what stood where something has. */
        get: operations["GetPlan"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/better": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The same after a search of a few seconds, with the bound. */
        post: operations["BetterPlan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/tonight": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One person's time at the bench: the work in order, and what to lay out. */
        get: operations["GetTonight"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/else": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The next best for somebody now: in ten minutes, without the iron, with dirty hands, sitting down. */
        post: operations["SomethingElse"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/day": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The chance to be ready by the day, which machine is at risk, and what would help, from a thousand runs. */
        get: operations["GetTheDay"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/take": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeUpWork"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/taken/{takenId}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["EndWork"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Lays a piece of work down: when, by whom, in how many goes. All empty frees it again. */
        post: operations["PinWork"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddPerson"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/people/{personId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditPerson"];
        post?: never;
        delete: operations["RemovePerson"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/people/{personId}/day": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** One day that is not as the week says: an evening missed, or one more. */
        post: operations["SayDay"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/places": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AddPlace"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/places/{placeId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["EditPlace"];
        post?: never;
        delete: operations["RemovePlace"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/due": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Whose it is, and when it goes back: a deadline of its own. */
        put: operations["SayDue"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/park": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Set aside with its reason, and what wakes it: it neither nags nor counts until then. */
        post: operations["Park"];
        delete: operations["Unpark"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/park/price": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What it waits for was seen at a price: at its own or less, that wakes it. */
        post: operations["SeePrice"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/where": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Coming back after weeks: what was done last, what was tried, what waits, what to lay out. */
        get: operations["GetWhereWereWe"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/costs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetCosts"];
        put?: never;
        post: operations["AddCost"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/costs/expectation": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["SetExpectation"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/machines/{id}/costs/{costId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["RemoveCost"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["GetBackups"];
        put?: never;
        post: operations["TakeBackup"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups/space": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What the workshop takes of its disk, what is left, and what to free when that is little. */
        get: operations["GetDiskSpace"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups/{name}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["DownloadBackup"];
        put?: never;
        post?: never;
        /** Deletes one backup, to make room. The newest always stays. */
        delete: operations["RemoveBackup"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/backups/{name}/restore": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["RestoreBackup"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/markings/ceramic": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a letter and a digit on a small ceramic capacitor stand for. */
        post: operations["CalcCeramicCode"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/markings/capacitor": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * What is printed on a capacitor, read strictly.
         * @description Three-digit codes, letters as decimal point, surface-mount marks, EIA voltage codes, tolerance letters, temperature, safety class. Every reading that fits is given; what no convention covers is said.
         */
        post: operations["CalcCapacitorMarking"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/markings/date-code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A date code YYWW, WWYY or YWW to its ISO 8601 week. */
        post: operations["CalcDateCode"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/markings/earliest-build": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The earliest day on which a board can have been made, from all its date codes. */
        post: operations["CalcEarliestBuild"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/options": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Every way to replace a cell, judged, best first; and whether the old one may come out now. */
        post: operations["CalcBatteryOptions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/run-time": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Years that a backup cell lasts, from capacity, drain and self-discharge. */
        post: operations["CalcRunTime"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/charging": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Does the board charge its cell? From three readings with the cell out, and what to read next. */
        post: operations["CalcCharging"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/pack": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Is a laptop's pack still worth having, and is it safe? */
        post: operations["CalcPack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/print": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What cell is it, by what is printed on it? Chemistry, volts, size, whether it may be charged and what leaks out. */
        post: operations["CalcCellPrint"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/together": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Cells in series or in parallel: their volts, their capacity, and the weakest. */
        post: operations["CalcCellsTogether"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/shelf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a cell has lost by lying on the shelf for years. */
        post: operations["CalcShelf"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/charge": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * A charge at a tenth of capacity: the current, the hours, the series resistor and what it wastes.
         * @description Asked for: `cells`: Say how many cells are one after another.
         */
        post: operations["CalcCharge"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/batteries/hold": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How long the capacitor beside a memory holds it up with the cell out. */
        post: operations["CalcHold"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/boards/straighten": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The projective map from a photo's four corners, and the board's own proportions. */
        post: operations["CalcStraighten"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/boards/scale": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How large a straightened picture is, from one known length. */
        post: operations["CalcScale"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/boards/outline": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Area of an outline in cm². */
        post: operations["CalcOutline"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/boards/register": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Whether back and front lie on each other.
         * @description Asked for: `widthMillimetres`: Say how wide the board is, in millimetres.; `heightMillimetres`: Say how high the board is, in millimetres.; `pairs.front.x`: Say where the hole is on the front.; `pairs.front.y`: Say where the hole is on the front.; `pairs.back.x`: Say where the hole is on the back.; `pairs.back.y`: Say where the hole is on the back.
         */
        post: operations["CalcRegister"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/let-down": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Seconds until a resistor has let a charged capacitor down, the energy in it, and what the resistor takes. */
        post: operations["CalcLetDown"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/reactance": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a capacitor lets through at a frequency. */
        post: operations["CalcReactance"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/esr-limit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What ESR a capacitor may have. */
        post: operations["CalcEsrLimit"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/judge": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Is this capacitor sound?
         * @description Asked for: `readings.inCircuit`: Say whether it was read in circuit.; `spec.microfarads`: Say what value is printed on it.; `signs`: Say what can be seen on it: none of them is an answer too.
         */
        post: operations["CalcJudgeCapacitor"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/risk": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How likely it is to fail, and whether it comes out under a school. */
        post: operations["CalcCapacitorRisk"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/substitute": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which of these will do in its place, best first, with every rule.
         * @description Asked for: `original.maxCelsius`: Say what temperature the old part is rated for.; `original.diameterMillimetres`: Measure the diameter of the old part.; `original.heightMillimetres`: Measure the height of the old part.; `candidates.spec.diameterMillimetres`: Say the diameter of the new part.; `candidates.spec.heightMillimetres`: Say the height of the new part.; `headroomMillimetres`: Measure the room above the place.
         */
        post: operations["CalcSubstitute"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/combine": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Two parts where one will not do. */
        post: operations["CalcCombine"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/forecast": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Recap now, or wait? The expected cost of leaving each part against taking it out. */
        post: operations["CalcForecast"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/sitting": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Did the meter or the hand move during a sitting? */
        post: operations["CalcMeasurementSeries"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/way-round": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Photo, print and second look against each other. */
        post: operations["CalcPolarity"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/pad": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What is done about a pad that is not sound. */
        post: operations["CalcPad"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/fitting-order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** In which order the hand goes over the board, with tool, temperature and dwell. */
        post: operations["CalcFittingOrder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/do-it": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Do it, or have it done? */
        post: operations["CalcDoIt"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The order that costs least over several suppliers, proven. */
        post: operations["CalcOrder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/capacitors/life": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Expected life by the ten-kelvin rule. */
        post: operations["CalcCapacitorLife"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/neutralise": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What takes a leak's residue off, how much of it, and when it is done. */
        post: operations["CalcNeutralise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/baths": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which areas may lie in one bath: never acid with alkali.
         * @description Asked for: `areas.ph`: Read the pH of the residue, wetted, on paper.; `areas.source`: Say what leaked there.
         */
        post: operations["CalcBaths"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/rinses": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Rinses until a stated share of the residue is left. */
        post: operations["CalcRinses"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/trace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Expected resistance of a trace, and what a reading says of its copper.
         * @description Asked for: `trace.widthMillimetres`: Measure how wide the trace is.; `contactErrorOhms`: Say what the probes read on each other, in ohms: 0 by four wires.
         */
        post: operations["CalcTrace"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/dilution": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How much of what is in the bottle, and how much water. */
        post: operations["CalcDilution"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/strength": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Brings what is in the tray to another strength: what is added, and how many bottles that takes. */
        post: operations["CalcStrength"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/mix": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How strong two of the same kind are when they are poured together. */
        post: operations["CalcMix"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/trace-width": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How wide a trace must be for a current. */
        post: operations["CalcTraceWidth"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/segments": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * The resistance of a trace whose width changes on its way.
         * @description Asked for: `segments.widthMillimetres`: Measure how wide each piece is.
         */
        post: operations["CalcSegments"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/parallel": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Resistances side by side. */
        post: operations["CalcParallel"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/jumper": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which wire bridges a broken trace.
         * @description Asked for: `trace.amps`: Say what current it carries.
         */
        post: operations["CalcJumper"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/mask": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * What covers bare copper again, also what is at hand.
         * @description Asked for: `nearHeat`: Say whether something beside it gets hot.
         */
        post: operations["CalcMask"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/corrosion/reinspect": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** When to look at a cleaned area again, and what a change would mean. */
        post: operations["CalcReinspect"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/thermal/gap": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Paste or pad, by the gap.
         * @description Asked for: `part.bareDie`: Say whether the die is bare.
         */
        post: operations["CalcGap"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/thermal/drop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Kelvin across a layer. */
        post: operations["CalcDrop"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/thermal/fan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Is a fan's bearing sound?
         * @description Asked for: `noise`: Say how it sounds.; `play`: Say whether a finger feels play at its hub.
         */
        post: operations["CalcFan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/thermal/before-after": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Did it help? Each temperature less its own room, at one load.
         * @description Asked for: `sameLoad`: Say whether both were read under the same load.
         */
        post: operations["CalcHeat"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/soldering/joints": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How many neighbours a part's pins have, and whether its joints are good.
         * @description Asked for: `rows`: Say in how many rows its pins stand.; `bad`: Say how many joints are not good.
         */
        post: operations["CalcJoints"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/soldering/flux": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** May this flux go on here? */
        post: operations["CalcFlux"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/soldering/lacquer": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * May an iron come near a coat of lacquer?
         * @description Asked for: `cureHours`: Say how long the lacquer cures, from its label.
         */
        post: operations["CalcLacquer"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/cleaning/ladder": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How it is cleaned: the mildest method that is safe here and has a real chance, and when to stop.
         * @description Asked for: `on`: Say what was used on it, or lies on it: none of them is an answer too.
         */
        post: operations["CalcLadder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/cleaning/mixing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What must not meet: in one bath, one after the other, or as a residue. */
        post: operations["CalcMixing"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/cleaning/bath": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What goes into the tray: litres less the parts, how much out of the bottle, what to mind. */
        post: operations["CalcBath"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/cleaning/dilution": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How much out of the bottle, and how much water: C₁V₁ = C₂V₂. */
        post: operations["CalcCleaningDilution"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/cleaning/worth": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Is it worth the cleaning? Hours and chance against a tested one, and what would earn it trust.
         * @description Asked for: `kind`: Say what kind of part it is.
         */
        post: operations["CalcWorth"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/cleaning/batch": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Which items are cleaned together, split by what harms one of them. */
        post: operations["CalcBatch"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/cleaning/odour": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What is done against a smell, by the distance at which a fresh nose notices it. */
        post: operations["CalcOdour"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/drying/time": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How long a part dries, by what it is, what wetted it, warmth, damp and air. */
        post: operations["CalcDryingTime"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/drying/temperature": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How warm a part may get while it dries: the lowest limit of anything on it. */
        post: operations["CalcDryingTemperature"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/drying/dry": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Is it dry? Least time and two equal weighings, both. */
        post: operations["CalcIsDry"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/colour/lab": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A colour of a photo in CIELAB, D65 and 2°, and its yellowness. */
        post: operations["CalcLab"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/colour/difference": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Do two colours look alike? By CIEDE2000. */
        post: operations["CalcColourDifference"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/colour/yellowness": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Has it yellowed? By ASTM E313, against a spot that light never reached.
         * @description Asked for: `unaged.l`: Read the unaged spot whole.; `unaged.a`: Read the unaged spot whole.; `unaged.b`: Read the unaged spot whole.
         */
        post: operations["CalcYellowness"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/colour/whitening": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How long whitening goes on: b*(t) = b∞ + (b₀ − b∞)·e^(−kt), with a band. */
        post: operations["CalcWhitening"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/colour/measure": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Colour from a photo with a card: corrected for the light and the camera's curve, in CIELAB.
         * @description Asked for: `card.seen.clippedShare`: Say what share of the card is clipped.; `card.seen.unevenness`: Say how uneven the card is lit.; `card.published.l`: Say what is printed on the card.; `card.published.a`: Say what is printed on the card.; `card.published.b`: Say what is printed on the card.; `patches.seen.clippedShare`: Say what share of the patch is clipped.; `patches.seen.unevenness`: Say how uneven the patch is.
         */
        post: operations["CalcMeasureColour"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/colour/dose": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a whitening session counts as: hours × strength × light × warmth. */
        post: operations["CalcDose"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/colour/match": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which two parts will look alike, after how many hours of whitening; or a paint sample against the shell.
         * @description Asked for: `parts.paint`: Say whether it is painted.; `parts.colour.l`: Read its colour whole.; `parts.colour.a`: Read its colour whole.; `parts.colour.b`: Read its colour whole.
         */
        post: operations["CalcColourMatch"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/finish/rust": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How rust comes off sheet steel, by its grade after ISO 4628-3, its coating and reach. */
        post: operations["CalcRust"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/finish/paint": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How much paint, how many cans, and whether it may go on in this air.
         * @description Asked for: `surfaceCelsius`: Measure how warm the surface is.
         */
        post: operations["CalcPaint"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/finish/crack": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How a crack is mended: stopped, glued by what it is made of, backed, cured before it bears. */
        post: operations["CalcCrack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/finish/mend": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Small mends: a button freed, feet and foam by size, a sticker, a fault of a panel by its layer.
         * @description Asked for: `kind`: Say what kind of mend it is.
         */
        post: operations["CalcMend"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/finish/polish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Whether polish reaches a scratch, with what, and when another pass is not worth it. */
        post: operations["CalcPolish"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/parts/enough": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Whether what lies on the shelf is enough for the work, what is missing, and what may stand in for it.
         * @description Asked for: `shelf.unit`: Say what the shelf counts in.
         */
        post: operations["CalcEnough"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/parts/standin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Whether a supply at hand may stand in for the one that is wanted. */
        post: operations["CalcStandIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/mechanisms/belt": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Which drive belt, by its measured path. */
        post: operations["CalcBelt"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/mechanisms/lubricant": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Which lubricant goes where, and where none may. */
        post: operations["CalcLubricant"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/mechanisms/speed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Does it turn at its speed? */
        post: operations["CalcSpeed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/mechanisms/fan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * May another fan take its place? Size, volts, current, flow, pressure, direction, plug.
         * @description Asked for: `roomMillimetres`: Measure the room for its thickness.
         */
        post: operations["CalcFanExchange"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/intake/triage": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which boxes of a lot to finish, which donor gives which part to whom, what is bought, why the runner-up lost. Proven.
         * @description Asked for: `boxes.complete`: Say what a complete one costs.
         */
        post: operations["CalcTriage"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/intake/as-shipped": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * What left the factory against what was found: each item's fate, the configuration that fits best, and what would tell it from the next.
         * @description Asked for: `found.absent`: Say whether it is here.; `found.saidFate`: Say what is said of it; notKnown where nothing is.; `found.dateCode`: Say what date code it carries; empty where it has none.; `yearTo`: Say the last year that the machine can be from.
         */
        post: operations["CalcAsShipped"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/survey/load-resistor": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Which resistor loads a rail while a supply is tried. */
        post: operations["CalcLoadResistor"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/survey/rails": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Supply rails under power against their limits, and what a bad one points at.
         * @description Asked for: `rails.rippleMillivolts`: Read the ripple of the rail.; `loaded`: Say whether it was read on a stated load.
         */
        post: operations["CalcRails"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/survey/checklist": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What to look at on a machine with these traits, zone by zone, why, and what its findings forbid. */
        post: operations["CalcChecklist"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/survey/first-power": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The steps of a first power-up for a machine with these traits, what stands between it and the next, and what its supply has earned. */
        post: operations["CalcFirstPower"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/survey/test-in-pieces": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** May a machine that is not put together be powered, and for how long? */
        post: operations["CalcTestInPieces"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/survey/shorts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Rails measured to ground with the plug out. */
        post: operations["CalcShorts"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/stripdown/rebuild-order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The order of a rebuild with the fewest turns and tray changes, and why each step is where it is; or the shortest contradiction in the record. */
        post: operations["CalcRebuildOrder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/stripdown/reconcile": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Every fastener: out, back in, left over, missing from before, wrong length in a hole, still in a tray, and the spares that fit.
         * @description Asked for: `fasteners.returns.fromStore`: Say whether the screws came from the store.; `fasteners.lengthMillimetres`: Measure the length.; `fasteners.returns.lengthMillimetres`: Measure the length.
         */
        post: operations["CalcReconcile"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/costs/go-on": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Go on, or stop: what is spent and still to come against what a complete one costs. */
        post: operations["CalcGoOn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/proving/is-it-real": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Two series of runs: median, spread, ratio, and whether the change is real.
         * @description Asked for: `resolution`: Say the least step of what it was read with.
         */
        post: operations["CalcSignificance"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/planning/schedule": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Who does what when, so that all is ready soonest: with the bound, and proven where it is.
         * @description Asked for: `tasks.minutes`: Say how long it takes.; `people.windows.from`: Say when it begins.; `people.windows.to`: Say when it ends.
         */
        post: operations["CalcSchedule"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/planning/next": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * What somebody does now, and why; and the next best where that cannot be.
         * @description Asked for: `plan.tasks.minutes`: Say how long it takes.; `plan.people.windows.from`: Say when it begins.; `plan.people.windows.to`: Say when it ends.
         */
        post: operations["CalcPlanNext"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/planning/rescue": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How likely it is ready by the day, from a thousand runs, and what each rescue gains.
         * @description Asked for: `plan.tasks.minutes`: Say how long it takes.; `plan.people.windows.from`: Say when it begins.; `plan.people.windows.to`: Say when it ends.
         */
        post: operations["CalcRescue"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/planning/clash": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Which wishes cannot all come true, as few of them as prove it.
         * @description Asked for: `plan.tasks.minutes`: Say how long it takes.; `plan.people.windows.from`: Say when it begins.; `plan.people.windows.to`: Say when it ends.
         */
        post: operations["CalcClash"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/planning/opening": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The fewest pieces that come off for the work that is wanted, and what else lies behind them. */
        post: operations["CalcOpening"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/calc/planning/depth": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * How deep to open it: each depth with its minutes, its risks and what it leaves, and which is deep enough.
         * @description Asked for: `work.danger`: Say whether it must not wait.; `work.out`: Say whether the piece itself has to come out.
         */
        post: operations["CalcDepth"];
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
        /** @description A piece as the opening counts it: recorded, known, or supposed. */
        AccessPiece: {
            id: string;
            title: string;
            kind: components["schemas"]["PieceKind"];
            behind: string[];
            /** @description Minutes to take it off; none where it is off. */
            off: components["schemas"]["Estimate"];
            /** @description Minutes to put it back. */
            back: components["schemas"]["Estimate"];
            /** @description It lies on the bench now. */
            isOff: boolean;
            /** @description What can go wrong with it, one sentence; empty for nothing to speak of. */
            risk: string;
            /** @description What taking it off destroys; empty for nothing. */
            destroys: string;
            /**
             * Format: uuid
             * @description Of the strip-down's record; null where it is not recorded.
             */
            step?: null | string;
            /**
             * Format: double
             * @description To take it off, where a person said so.
             */
            offMinutes?: null | number;
        };
        ActOnMachine: {
            /** Format: uuid */
            machineId: string;
            machineName: string;
            act: components["schemas"]["NextAct"];
        };
        /** @description What every act answers: enough to say it and to undo it. */
        Acted: {
            /**
             * Format: uuid
             * @description For undo.
             */
            logId: string;
            /** @description As in the log. */
            sentence: string;
            /**
             * Format: uuid
             * @description Of what was made or changed.
             */
            id?: null | string;
        };
        /**
         * @description What work puts into the air.
         * @enum {string}
         */
        Airborne: "dust" | "solvent";
        /** @description A piece that is known to come off, before anybody here has recorded it. */
        ApartPiece: {
            /** @description Names it once on its machine, and stays the same when its title changes. */
            id: string;
            title: string;
            kind: components["schemas"]["PieceKind"];
            /** @description Ids of the pieces that come off before it, those of the record among them. */
            behind: string[];
            /**
             * @description What taking it off destroys, so that a new one lies ready: "its four feet"; empty for nothing.
             * @default
             */
            destroys: string;
            /**
             * Format: double
             * @description To take it off, where a person says; null takes what is usual of its kind.
             */
            offMinutes?: null | number;
        };
        AreaEdit: {
            name: string;
            side: components["schemas"]["Side"];
            source: components["schemas"]["LeakSource"];
            outline: components["schemas"]["Point"][];
            stage: components["schemas"]["CorrosionStage"];
            /**
             * Format: double
             * @description Only where the board has no scale; else it is worked out.
             */
            squareCentimetres?: null | number;
            /**
             * Format: double
             * @description Of wet paper on the residue, before; settles what leaked when nobody knows.
             */
            phBefore?: null | number;
        };
        AreaFacts: {
            /** @description Of the area, for the sentence. */
            name: string;
            source: components["schemas"]["LeakSource"];
            stage: components["schemas"]["CorrosionStage"];
            /**
             * Format: double
             * @description From the map.
             */
            squareCentimetres: number;
            /**
             * Format: double
             * @description Of wet paper laid on it before; settles what leaked when nobody knows. Null when not tried.
             */
            ph?: null | number;
        };
        /** @description One look at an area: stage and size on a day. */
        AreaInspection: {
            /** Format: date-time */
            at: string;
            stage: components["schemas"]["CorrosionStage"];
            /** Format: double */
            squareCentimetres: number;
        };
        AreaInspectionAsk: {
            stage: components["schemas"]["CorrosionStage"];
            /** Format: double */
            squareCentimetres?: null | number;
        };
        AreaRow: {
            area: components["schemas"]["CorrosionArea"];
            /** Format: double */
            squareCentimetres: number;
            next: null | components["schemas"]["AreaStep"];
            nextWords: string;
            plan: components["schemas"]["NeutralisePlan"];
            inspect: components["schemas"]["ReinspectionResult"];
            mask: components["schemas"]["MaskOption"][];
            nets: string[];
            /** Format: int32 */
            netsToMeasure: number;
            /** Format: int32 */
            netsBad: number;
            due: boolean;
            /** @description Designators of parts inside the outline. */
            capacitors: string[];
        };
        /** @enum {string} */
        AreaStep: "neutralise" | "rinse" | "alcohol" | "dry" | "mask" | null;
        AreaStepAsk: {
            step: components["schemas"]["AreaStep"];
            /**
             * Format: double
             * @description Of wet paper, to end the neutralising.
             */
            ph?: null | number;
            /**
             * Format: int32
             * @description How often it was rinsed.
             * @default 0
             */
            rinses: number;
            /**
             * Format: double
             * @description When it was done, if it is written down later; 0 is now.
             * @default 0
             */
            hoursAgo: number;
            /**
             * Format: double
             * @description Of the air that it dried in; null is the room's.
             */
            celsius?: null | number;
            /** @description Why new mask goes over nets that were not measured. */
            overruleReason?: null | string;
        };
        /** @description How far the cleaning of one area has come; a null instant is a step not yet done. */
        AreaTreatment: {
            /** Format: date-time */
            neutralisedAt?: null | string;
            /**
             * Format: double
             * @description Of the last rinse water, on paper; null when nobody looked.
             */
            ph?: null | number;
            /** Format: date-time */
            rinsedAt?: null | string;
            /** Format: int32 */
            rinses?: number;
            /** Format: date-time */
            alcoholAt?: null | string;
            /** Format: date-time */
            driedAt?: null | string;
            /** Format: date-time */
            maskedAt?: null | string;
        };
        ArrivedAsk: {
            /** @description What lay in the parcel: pieces by sku. */
            arrived: components["schemas"]["ArrivedLine"][];
        };
        ArrivedLine: {
            sku: string;
            /** Format: int32 */
            pieces: number;
        };
        AsShippedAsk: {
            configurations: components["schemas"]["ShippedConfiguration"][];
            found: components["schemas"]["FoundItemAsk"][];
            /** Format: int32 */
            yearFrom: null | number;
            /** Format: int32 */
            yearTo: null | number;
            /**
             * Format: int32
             * @description 6 when left out.
             * @default 6
             */
            periodYears: number;
        };
        AsShippedResult: {
            /** @description Which configuration was it? */
            verdict: components["schemas"]["Verdict"];
            items: components["schemas"]["ItemVerdict"][];
            fits: components["schemas"]["ConfigurationFit"][];
            /** @description Slots that would settle between the best two, and what each would have. */
            tellApart: string[];
            /** Format: int32 */
            periodYears: number;
        };
        BackupInfo: {
            name: string;
            /** Format: int64 */
            bytes: number;
            /** Format: date-time */
            at: string;
            why: string;
        };
        /**
         * @description How well a verdict is founded, best first.
         * @enum {string}
         */
        Basis: "measured" | "rule" | "guess";
        BatchAsk: {
            items: components["schemas"]["BatchItem"][];
        };
        /** @description One item that may share a bath, a method or a wait. */
        BatchItem: {
            name: string;
            facts: components["schemas"]["CleaningFacts"];
            dries?: components["schemas"]["WetPart"];
            /**
             * Format: double
             * @description That it displaces; null when not known.
             */
            litres?: null | number;
        };
        BatchResult: {
            batches: components["schemas"]["CleaningBatch"][];
            /** @description Items that share nothing now, each with why. */
            alone: string[];
            verdict: components["schemas"]["Verdict"];
        };
        BathAsk: {
            tray: components["schemas"]["TrayFacts"];
            /** @description What the bath is of. */
            of: components["schemas"]["Substance"];
            /**
             * Format: double
             * @description In the bottle; null for something that is used as it is.
             */
            stockPercent?: null | number;
            /**
             * Format: double
             * @description In the bath.
             */
            wantedPercent?: null | number;
            /**
             * Format: double
             * @description In the bottle now; null when nobody looked.
             */
            leftMillilitres?: null | number;
            /** @description Whatever else lies in it or was on it before. */
            with?: null | components["schemas"]["Substance"][];
        };
        BathResult: {
            /**
             * Format: double
             * @description Of bath.
             */
            litres: number;
            /**
             * Format: double
             * @description Out of the bottle; null where it is not diluted.
             */
            stockMillilitres: null | number;
            /** Format: double */
            waterMillilitres: null | number;
            /**
             * Format: double
             * @description In the bottle afterwards; null when nobody looked.
             */
            leftMillilitres: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        BathsAnswer: {
            baths: components["schemas"]["NeutraliseBath"][];
            notKnown: string[];
            /** @description Whether all of them may be one. */
            oneBath: components["schemas"]["Verdict"];
        };
        BathsAsk: {
            areas: components["schemas"]["AreaFacts"][];
            /** @default false */
            citric: boolean;
        };
        BatteryOptionsAsk: {
            site: components["schemas"]["CellSite"];
            school?: components["schemas"]["RestorationPolicy"];
            /**
             * Format: double
             * @description Drop of a Schottky diode; 0.25 when left out.
             * @default 0.25
             */
            schottkyVolts: number;
            /**
             * Format: double
             * @description Drop of a silicon diode; 0.65 when left out.
             * @default 0.65
             */
            siliconVolts: number;
        };
        BatteryScreen: {
            cell: null | components["schemas"]["MachineCell"];
            plan: null | components["schemas"]["ReplacementPlan"];
            school: components["schemas"]["RestorationPolicy"];
            /** @description Why the person took the cell out although its data was not safe; null when they did not. */
            dataOverruled: null | string;
            choiceOverruled: null | string;
            pack: null | components["schemas"]["PackScreen"];
            steps: components["schemas"]["CellStepRow"][];
            next: null | components["schemas"]["CellStep"];
        };
        /**
         * @description What a method does to a material or a feature.
         * @enum {string}
         */
        Bears: "spotTest" | "safe" | "never";
        BeforeAsk: {
            key: string;
            /**
             * @description And why; otherwise it is done.
             * @default false
             */
            skipped: boolean;
            /** @default  */
            why: string;
        };
        /**
         * @description What is to be done before a machine is opened.
         * @enum {string}
         */
        BeforeKind: "measure" | "copy" | "photograph" | "haveReady" | "trap";
        BeforeLine: {
            /** @description The same from one look to the next. */
            key: string;
            kind: components["schemas"]["BeforeKind"];
            what: string;
            why: string;
            /** @description By the rows, or by a word. */
            done: boolean;
            /** @description And why; empty where it is not. */
            skipped: string;
            /** @description Where it is done; empty for nowhere. */
            screen: string;
        };
        /** @description One entry of the list of what must be known before it is fed. */
        BeforePowerRow: {
            word: string;
            title: string;
            permit: components["schemas"]["Permit"];
            /** @description The fact that satisfies it; empty while it is open. */
            known: string;
            /** @description The first step that waits for it. */
            from: components["schemas"]["PowerStepKind"];
            /** @description Where it becomes known; empty for this screen. */
            screen: string;
            /**
             * Format: date-time
             * @description Since when it is known; null where that is not kept.
             */
            since: null | string;
            /** @description What makes it open again. */
            lapses: string;
        };
        BeforeResult: {
            lines: components["schemas"]["BeforeLine"][];
            /** @description Of two hours, until it is together again: low, likely, high. */
            evenings: components["schemas"]["Estimate"];
            /** @description It has been opened already. */
            opened: boolean;
            verdict: components["schemas"]["Verdict"];
        };
        BehindAsk: {
            key: string;
            /** @description Id; empty for outside, null to leave it open again. */
            piece?: null | string;
            /**
             * @description That piece itself is out for it.
             * @default false
             */
            out: boolean;
        };
        BeltAsk: {
            /**
             * Format: double
             * @description Once round by a thread; null where pulleys are given.
             */
            pathMillimetres?: null | number;
            /**
             * Format: double
             * @description Diameter of one pulley where the belt lies.
             */
            firstMillimetres?: null | number;
            /** Format: double */
            secondMillimetres?: null | number;
            /**
             * Format: double
             * @description From axis to axis.
             */
            centresMillimetres?: null | number;
            /** @default false */
            toothed: boolean;
            /**
             * Format: double
             * @default 0.06
             */
            stretchShare: number;
        };
        BeltResult: {
            /**
             * Format: double
             * @description Once round, where the belt lies.
             */
            pathMillimetres: number;
            /**
             * Format: double
             * @description Once round the inside of the new belt, lying loose.
             */
            insideMillimetres: number;
            /**
             * Format: double
             * @description Of that, laid as a ring.
             */
            diameterMillimetres: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description Somebody who works here, with the hours at the bench. */
        BenchPerson: {
            /** Format: uuid */
            id?: string;
            name?: string;
            /** @description As they say of themselves. */
            skills?: components["schemas"]["BenchSkill"][];
            /** @description What they cannot be near. */
            avoids?: components["schemas"]["Airborne"][];
            hours?: components["schemas"]["WeeklyHours"][];
            /** @description Days that differ; of two on one day the later counts. */
            days?: components["schemas"]["DayHours"][];
            /** @description Names that they bore here before, oldest first. */
            formerly?: components["schemas"]["FormerName"][];
            /** Format: int32 */
            version?: number;
        };
        /** @description A place or a tool that work holds: the iron, the meter, the bath, the sill, the yard. */
        BenchPlace: {
            /** Format: uuid */
            id?: string;
            /** @description As work asks for it. */
            name?: string;
            open?: components["schemas"]["PlaceOpen"];
            /**
             * Format: int32
             * @description How many there are.
             */
            count?: number;
            /**
             * Format: double
             * @description Of ten days so many are fit for work outdoors; null takes double WorkPlan.UsualFitDays.
             */
            fitDaysInTen?: null | number;
            /** Format: int32 */
            version?: number;
        };
        /**
         * @description What somebody has to be able to do, as they say of themselves.
         * @enum {string}
         */
        BenchSkill: "soldering" | "mains";
        /** @enum {string} */
        BenchTool: "iron" | "flux" | "wick" | "secondIron" | "multimeter" | "esrMeter" | "magnifier" | "fumeDraw";
        /**
         * @description Which way is better.
         * @enum {string}
         */
        Better: "lower" | "higher";
        /** @enum {string} */
        BleachAs: "notKnown" | "bath" | "film";
        /** @description How one session whitens. */
        BleachFacts: {
            /**
             * Format: double
             * @description Of hydrogen peroxide, by what was mixed.
             */
            percent?: null | number;
            as?: components["schemas"]["BleachAs"];
            light?: components["schemas"]["BleachLight"];
            /**
             * Format: double
             * @description Of the sky that clouds cover, 0 to 1; null counts as half.
             */
            cloudShare?: null | number;
            /**
             * Format: double
             * @description North is positive; null takes 55°.
             */
            latitude?: null | number;
            /**
             * Format: double
             * @description Of a lamp against high summer sun; null takes 1.
             */
            lampStrength?: null | number;
            /**
             * Format: double
             * @description Of the bath or the part; null takes 25 °C.
             */
            celsius?: null | number;
        };
        /**
         * @description What drives the bleach.
         * @enum {string}
         */
        BleachLight: "notKnown" | "sun" | "lamp" | "lampUvC";
        BleedAsk: {
            /** Format: double */
            microfarads: number;
            /** Format: double */
            volts: number;
            /** Format: double */
            ohms: number;
            /**
             * Format: double
             * @description Of the resistor; null when nobody looked.
             */
            ratedWatts?: null | number;
            /**
             * Format: double
             * @default 5
             */
            safeVolts: number;
        };
        BleedDownResult: {
            /**
             * Format: double
             * @description Until it is down to the safe volts through that resistor.
             */
            seconds: number;
            /**
             * Format: double
             * @description Stored at the start.
             */
            joules: number;
            /**
             * Format: double
             * @description What the resistor takes in the first instant.
             */
            peakWatts: number;
            verdict: components["schemas"]["Verdict"];
        };
        BoardEdit: {
            name: string;
            /** Format: uuid */
            photoId: null | string;
            side?: components["schemas"]["Side"];
        };
        /** @description One net that has to be measured end to end. */
        BoardNet: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /** Format: uuid */
            boardId?: string;
            name?: string;
            /** @description Where the probes go: "U6 pin 14". */
            from?: string;
            to?: string;
            side?: components["schemas"]["Side"];
            /** @description Its run on the picture, from end to end; two points or more, or none. */
            path?: components["schemas"]["Point"][];
            trace?: components["schemas"]["TraceFacts"];
            /** @description How it was mended; empty when it was not. */
            repair?: string;
            /** Format: date-time */
            repairedAt?: null | string;
            /** Format: int32 */
            version?: number;
        };
        BoardPlanChoice: {
            profileId: null | string;
            /** Format: uuid */
            boardId: null | string;
            name: string;
            from: string;
            /** Format: int32 */
            capacitors: number;
            /** Format: int32 */
            nets: number;
        };
        BoardRow: {
            /** Format: uuid */
            id: string;
            name: string;
            /** Format: uuid */
            photoId: null | string;
            photoHash: null | string;
            /** Format: int32 */
            version: number;
        };
        BoardSheet: {
            /** Format: uuid */
            id: string;
            name: string;
            /** Format: int32 */
            version: number;
            front: components["schemas"]["SideSheet"];
            back: components["schemas"]["SideSheet"];
            turned: components["schemas"]["Turned"];
            /** @description What has to be added to a mirrored back point. */
            backShift: components["schemas"]["Point"];
            registration: components["schemas"]["Verdict"];
            /** @description Where what is in front lies when one looks at the back. */
            frontOnBack: components["schemas"]["SideOnSide"];
            backOnFront: components["schemas"]["SideOnSide"];
        };
        /** @enum {string} */
        BoxFate: "restore" | "donor" | "aside";
        /**
         * @description What a person has decided of a box before the sum is made.
         * @enum {string}
         */
        BoxLock: "free" | "restore" | "donor" | "aside";
        /** @description One part of one box. */
        BoxPart: {
            /** @description What it is, in the words that two boxes share: "supply", "floppy drive 3.5". */
            kind: string;
            /** @description Good ones can be given; missing and damaged ones are needed. One that nobody knows is neither, and adds its risk to the high figure. */
            state: components["schemas"]["PartState"];
            /**
             * @description Parts swap only where this is the same: "AT", "Quire"; empty fits every empty one.
             * @default
             */
            fits: string;
            /**
             * Format: int32
             * @description How many.
             * @default 1
             */
            count: number;
        };
        BoxPlan: {
            id: string;
            name: string;
            fate: components["schemas"]["BoxFate"];
            /** @description To finish it, with its bought parts. */
            money: components["schemas"]["Estimate"];
            hours: components["schemas"]["Estimate"];
            parts: components["schemas"]["PartMove"][];
            /** @description Why it is where it is, in a sentence. */
            why: string;
        };
        /**
         * @description Why a button does not come back, in the order in which it is looked for.
         * @enum {string}
         */
        ButtonCause: "dirt" | "glue" | "bent" | "worn";
        /** @description Something that came off or was found, and is not on the list yet: one tap puts it there. */
        Candidate: {
            kind: components["schemas"]["CandidateKind"];
            /** Format: uuid */
            pieceId: null | string;
            /** Format: uuid */
            findingId: null | string;
            /** Format: uuid */
            photoId: null | string;
            name: string;
            /** @description Where it is from: "came off in step 3", "mould, found under the keyboard". */
            why: string;
            /** @description As far as its kind says; a person says more. */
            materials: components["schemas"]["Material"][];
            soils: components["schemas"]["Soil"][];
            dries: components["schemas"]["WetPart"];
            mains: components["schemas"]["ThreeState"];
            mechanism: components["schemas"]["MechanismKind"];
        };
        CandidateAsk: {
            spec: components["schemas"]["CapacitorSpec"];
            /**
             * Format: int32
             * @default 1
             */
            free: number;
            /** Format: date */
            boughtOn?: null | string;
            /** @default  */
            place: string;
        };
        /**
         * @description What a piece or a finding becomes in the case's list.
         * @enum {string}
         */
        CandidateKind: "item" | "panel" | "keyboard" | "mechanism";
        /** @description One key and its cap. */
        Cap: {
            /** @description Of the layout: "2-5". */
            key: string;
            legend: string;
            /**
             * Format: int32
             * @description Profile row.
             */
            row: number;
            /**
             * Format: double
             * @description In units of a letter key.
             */
            width: number;
            /** Format: double */
            height: number;
            /**
             * Format: double
             * @description Left edge on the straightened picture, as a share; the same of the others.
             */
            x: number;
            /** Format: double */
            y: number;
            /** Format: double */
            w: number;
            /** Format: double */
            h: number;
            /** @description What tells its way round, where it can go in wrongly: "the notch to the back". */
            wayRound?: string;
            state?: components["schemas"]["CapState"];
            /** @description Whose cap it is, where it is a donor's. */
            from?: string;
            trouble?: components["schemas"]["KeyTrouble"];
            tries?: components["schemas"]["KeyTry"][];
            /** @description Pressed in the test, and it came once. */
            tested?: boolean;
        };
        /** @enum {string} */
        CapState: "on" | "off" | "missing" | "donor" | "back";
        /** @description One capacitor on a board: what it is, where it sits and how far its exchange has come. */
        Capacitor: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /** Format: uuid */
            boardId?: string;
            designator?: string;
            /** @description The print, as typed. */
            marking?: string;
            spec?: components["schemas"]["CapacitorSpec"];
            role?: components["schemas"]["CapacitorRole"];
            signs?: components["schemas"]["CapacitorSign"][];
            /**
             * Format: double
             * @description Place on the board's photo as shares of its width and height, 0 to 1; null when not marked.
             */
            x?: null | number;
            /** Format: double */
            y?: null | number;
            side?: components["schemas"]["Side"];
            /** @description Which way its minus points on the board's picture, taken down before it comes out. */
            minusBefore?: components["schemas"]["Direction"];
            /** @description Which way the board's own print says that minus points. */
            minusPrinted?: components["schemas"]["Direction"];
            /**
             * Format: double
             * @description Room above the board there, under a keyboard or a shield, mm; null when nothing sits above.
             */
            headroomMillimetres?: null | number;
            fitting?: components["schemas"]["FittingSheet"];
            /** Format: int32 */
            version?: number;
        };
        CapacitorCsv: {
            text: string;
            /**
             * @description Lines that cannot be read are left out, and the rest is taken.
             * @default false
             */
            leaveOut: boolean;
        };
        CapacitorEdit: {
            designator: string;
            marking: string;
            kind: components["schemas"]["CapacitorKind"];
            role: components["schemas"]["CapacitorRole"];
            /** Format: double */
            ratedVolts: null | number;
            /** Format: double */
            maxCelsius: null | number;
            /** Format: double */
            diameterMillimetres: null | number;
            /** Format: double */
            heightMillimetres: null | number;
            /** Format: double */
            leadPitchMillimetres: null | number;
            signs: components["schemas"]["CapacitorSign"][];
            /** Format: double */
            x: null | number;
            /** Format: double */
            y: null | number;
            side?: components["schemas"]["Side"];
            minusBefore?: components["schemas"]["Direction"];
            minusPrinted?: components["schemas"]["Direction"];
            /** Format: double */
            headroomMillimetres?: null | number;
            /** Format: double */
            esrOhms?: null | number;
        };
        /**
         * @description How a capacitor is made; it decides how it ages, what its ESR means and what may stand in for it.
         * @enum {string}
         */
        CapacitorKind: "unknown" | "aluminiumRadial" | "aluminiumAxial" | "aluminiumSurfaceMount" | "aluminiumLowEsr" | "polymer" | "tantalumBead" | "tantalumSurfaceMount" | "film" | "ceramic" | "mainsFilterPaper" | "mainsFilterFilm" | "doubleLayer" | "aluminiumBipolar";
        /** @description Thresholds of the house for judging a reading. Defaults: end-of-life criteria of IEC 60384-4 (aluminium electrolytics) and usual data-sheet leakage. */
        CapacitorLimits: {
            /**
             * Format: double
             * @description Share of nominal capacitance lost at end of life; a reading exactly at it is still sound.
             */
            capacitanceLossShare?: number;
            /**
             * Format: double
             * @description Times the initial ESR at end of life.
             */
            esrFactor?: number;
            /**
             * Format: double
             * @description Leakage limit in amps for each microfarad-volt: 0.01 µA/(µF·V).
             */
            leakagePerCapacitanceVolt?: number;
            /**
             * Format: double
             * @description The leakage limit never falls below this.
             */
            leakageFloorMicroamps?: number;
            /**
             * Format: double
             * @description Beyond its plus tolerance by this share of nominal, a reading means leakage and not health.
             */
            highShare?: number;
            /**
             * Format: double
             * @description ESR at 100 kHz over ESR at 120 Hz, where no data sheet is given.
             */
            esrRatioAt100Kilohertz?: number;
        };
        CapacitorMarkingAnswer: {
            text: string;
            /** @description Exactly one reading, nothing left unread. */
            certain: boolean;
            sentence: string;
            readings: components["schemas"]["CapacitorReading"][];
            problems: string[];
        };
        CapacitorMarkingAsk: {
            text: string;
            /** @description Settles what the print alone leaves open; unknown when left out. */
            kind?: components["schemas"]["CapacitorKind"];
        };
        /** @description One way in which a marking can be read. */
        CapacitorReading: {
            /**
             * Format: double
             * @description Nominal capacitance, rounded to 9 significant figures.
             */
            microfarads: number;
            /**
             * Format: double
             * @description DC volts, or AC volts for a part with a safety class; null when not printed.
             */
            ratedVolts: null | number;
            /**
             * Format: double
             * @description How far below nominal it may be when new, as a share (0.2 is 20 %); null when not printed.
             */
            toleranceMinusShare: null | number;
            /**
             * Format: double
             * @description How far above.
             */
            tolerancePlusShare: null | number;
            /**
             * Format: double
             * @description Rated temperature, null when not printed.
             */
            maxCelsius: null | number;
            /** @description X1, X2, Y1, Y2 ... or null. */
            safetyClass: null | string;
            /** @description Which convention this reading follows. */
            how: string;
        };
        CapacitorReadingAsk: {
            /**
             * Format: double
             * @description Typed values; those not read are null.
             */
            microfarads: null | number;
            /** Format: double */
            esrOhms: null | number;
            /** Format: double */
            esrFrequencyHertz: null | number;
            /** Format: double */
            leakageMicroamps: null | number;
            inCircuit: boolean;
            /** @description "typed", or the meter's identification. */
            source: string;
            /** @description What the ESR was read with; left out, the leads may have added 0.2 Ω. */
            esrWith?: components["schemas"]["Instrument"];
            /**
             * Format: double
             * @description The smallest step that its range shows; null when not known.
             */
            esrStepOhms?: null | number;
        };
        /** @description What was measured on one part. Null is not measured. */
        CapacitorReadings: {
            /** Format: double */
            microfarads?: null | number;
            /** Format: double */
            esrOhms?: null | number;
            /**
             * Format: double
             * @description The meter's own test frequency for ESR.
             */
            esrFrequencyHertz?: number;
            /** Format: double */
            leakageMicroamps?: null | number;
            /** @description What the ESR was read with; not known counts as a tester whose leads were not zeroed. */
            esrWith?: components["schemas"]["Instrument"];
            /**
             * Format: double
             * @description The smallest step that the range of the ESR shows, Ω; null when nobody said.
             */
            esrStepOhms?: null | number;
            /** @description The ESR came from a meter, or was read twice and came out alike: no slip of the unit. */
            esrReadTwice?: components["schemas"]["ThreeState"];
            /** @description Measured without lifting a leg. */
            inCircuit?: boolean;
            /**
             * Format: double
             * @description What this very part read when it was new; null where nobody knows. End of life counts from there, and from the nominal value only in its place.
             */
            firstMicrofarads?: null | number;
            /** Format: double */
            firstEsrOhms?: null | number;
            /** @description It is new: this is its first reading, and it has lost nothing yet. */
            fresh?: boolean;
            any?: boolean;
        };
        /** @description How likely a part is to fail, or to have failed, judged without a reading. */
        CapacitorRiskResult: {
            /**
             * Format: double
             * @description 0 to 100; ranks parts, is not a probability.
             */
            score: number;
            /** @description low, raised, high or certain. */
            word: string;
            /** @description The maker-free family that it belongs to. */
            family: string;
            /** @description What raised it, most telling first. */
            reasons: components["schemas"]["Reason"][];
        };
        /**
         * @description What it does on the board; it decides how exact a substitute has to be.
         * @enum {string}
         */
        CapacitorRole: "unknown" | "bulk" | "switchingOutput" | "timing" | "coupling" | "decoupling" | "mainsFilter" | "backup" | "regulatorOutput";
        /** @description One capacitor with all that is judged of it. */
        CapacitorRow: {
            capacitor: components["schemas"]["Capacitor"];
            readings: components["schemas"]["CapacitorReadings"];
            risk: components["schemas"]["CapacitorRiskResult"];
            sound: components["schemas"]["Verdict"];
            comesOut: components["schemas"]["Verdict"];
            stand: components["schemas"]["CapacitorStand"];
            /** @description What is reserved or fitted, in words; null when nothing is. */
            part: null | string;
            next: null | components["schemas"]["FittingStep"];
            /** @description Why a person decided otherwise. */
            overruled: null | string;
            does: string;
            /** @description Its new part is in the post. */
            onOrder: boolean;
            turn: null | components["schemas"]["FittingTurn"];
            wayRound: null | components["schemas"]["Verdict"];
            pad: null | components["schemas"]["PadRepairPlan"];
            setAside: boolean;
            again: boolean;
            overruleLapsed: boolean;
        };
        /**
         * @description What can be seen, smelled or felt before anything is measured.
         * @enum {string}
         */
        CapacitorSign: "bulging" | "weeping" | "cracked" | "fishySmell" | "dullJoint" | "nearHeat" | "earlierRepair";
        /** @description What a part is, without where it sits. Lengths are millimetres, temperatures degrees Celsius. */
        CapacitorSpec: {
            kind?: components["schemas"]["CapacitorKind"];
            /**
             * Format: double
             * @description Nominal capacitance; 0 where nobody could read it.
             */
            microfarads?: number;
            /** Format: double */
            ratedVolts?: null | number;
            /**
             * Format: double
             * @description Share below nominal that a new part may have; 0.2 where the print is silent.
             */
            toleranceMinusShare?: number;
            /** Format: double */
            tolerancePlusShare?: number;
            /** Format: double */
            maxCelsius?: null | number;
            /** Format: double */
            diameterMillimetres?: null | number;
            /** Format: double */
            heightMillimetres?: null | number;
            /** Format: double */
            leadPitchMillimetres?: null | number;
            /** @description X1, X2, Y1, Y2 ... for parts across or from the mains. */
            safetyClass?: null | string;
            /**
             * Format: double
             * @description From the data sheet, at double CapacitorSpec.EsrFrequencyHertz; null where there is none.
             */
            esrOhms?: null | number;
            /** Format: double */
            esrFrequencyHertz?: number;
            /** Format: double */
            rippleAmps?: null | number;
            /** @description It has a plus and a minus, by its kind. What is said otherwise is asked about: an aluminium part without them is of the bipolar kind. */
            polarised?: boolean;
        };
        /**
         * @description Where one part stands on the map.
         * @enum {string}
         */
        CapacitorStand: "notMeasured" | "sound" | "comesOut" | "exchanging" | "exchanged" | "undecided";
        CapacitorsScreen: {
            boards: components["schemas"]["BoardSheet"][];
            capacitors: components["schemas"]["CapacitorRow"][];
            areas: components["schemas"]["AreaRow"][];
            nets: components["schemas"]["NetRow"][];
            hotParts: components["schemas"]["HotRow"][];
            soldered: components["schemas"]["SolderedRow"][];
            cell: null | components["schemas"]["CellMark"];
            school: components["schemas"]["RecapPolicy"];
            /**
             * Format: int32
             * @description How many come out under the evidence school now.
             */
            byEvidence: number;
            /**
             * Format: int32
             * @description How many under the preventive.
             */
            preventive: number;
            forecast: null | components["schemas"]["Forecast"];
            baths: string[];
        };
        CapsBackAsk: {
            keys: string[];
            /** @description They sit as the picture shows them. */
            way?: components["schemas"]["ThreeState"];
        };
        CapsOffAsk: {
            /** @description Null for all of them. */
            keys?: null | string[];
        };
        CardField: {
            seen: components["schemas"]["PatchSample"];
            published?: null | components["schemas"]["Lab"];
        };
        /**
         * @description What lay beside the part.
         * @enum {string}
         */
        CardKind: "none" | "published" | "printed" | "plainPaper";
        CaseOpeningResult: {
            pieces: components["schemas"]["AccessPiece"][];
            supposed: boolean;
            /** @description Shallow first. */
            levels: components["schemas"]["OpeningLevel"][];
            /**
             * Format: int32
             * @description Index of the one that is advised.
             */
            advised: number;
            /**
             * Format: int32
             * @description Index of the one that is chosen; null for as deep as its work needs.
             */
            chosen: null | number;
            work: components["schemas"]["PlacedWork"][];
            /** @description What else lies open at the depth that holds, most saved first. */
            proposals: components["schemas"]["OpeningProposal"][];
            /** @description Titles of what comes off at the depth that holds and is still on, in order. */
            off: string[];
            /** @description Minutes of taking off and putting back, to the depth that holds. */
            opening: components["schemas"]["Estimate"];
            /** @description Minutes of the work that lies open then. */
            hands: components["schemas"]["Estimate"];
            /** @description What can go wrong on the way there, a sentence each. */
            risks: string[];
            /** @description What opening it so far destroys. */
            destroyed: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A danger, said where the act is. */
        Caution: {
            /** @description Which one. */
            id: components["schemas"]["CautionId"];
            /** @description Two to five words. */
            title: string;
            /** @description What it does to a person or a part, and what keeps it from happening. */
            text: string;
            /**
             * @description The act waits until the person says that they are trained for it, or hands it over. Set for mains and tubes, where local codes and licensed practice decide.
             * @default false
             */
            stopsUntilConfirmed: boolean;
        };
        /** @enum {string} */
        CautionId: "pictureTube" | "mainsSupply" | "lineFilterCapacitor" | "leakingCell" | "swollenCell" | "lithiumCell" | "leadAndFlux" | "solventAndFlame" | "chargedCapacitor" | "rodentsAndMould" | "compressedAir" | "staticDischarge" | "bareDie" | "peroxide" | "mustNotMeet" | "pressureWashing" | "sprayAndDust" | "thionylLeak" | "disinfectant" | "laser" | "inverterVolts" | "plasmaVolts";
        /** @enum {string} */
        CellChemistry: "unknown" | "nickelCadmium" | "nickelMetalHydride" | "alkaline" | "zincCarbon" | "lithiumPrimary" | "lithiumRechargeable" | "leadAcid" | "lithiumThionyl" | "lithiumCarbonMonofluoride" | "lithiumIonCoin" | "lithiumVanadium" | "silverOxide";
        CellEdit: {
            place: string;
            site: components["schemas"]["CellSite"];
        };
        CellMark: {
            /** Format: uuid */
            boardId: null | string;
            /** Format: double */
            x: null | number;
            /** Format: double */
            y: null | number;
            name: string;
            /** @description What is left to do, in a few words. */
            state: string;
            done: boolean;
        };
        /** @description Where the cell sits on a board's front; null takes the mark away. */
        CellPlaceAsk: {
            /** Format: uuid */
            boardId: null | string;
            /** Format: double */
            x: null | number;
            /** Format: double */
            y: null | number;
        };
        CellPrintAsk: {
            /** @description Everything that stands on the cell: "CR2032", "ER14250 3.6V", "Ni-Cd 3.6V 60mAh". */
            print: string;
        };
        /** @description What the print on a cell says. */
        CellPrintResult: {
            /** @description Unknown where the print fits two. */
            chemistry: components["schemas"]["CellChemistry"];
            /**
             * Format: double
             * @description Of the whole cell or pack; null when the print does not say.
             */
            nominalVolts: null | number;
            /**
             * Format: int32
             * @description In series.
             */
            cells: number;
            /**
             * Format: double
             * @description Of a round cell whose code carries it.
             */
            diameterMillimetres: null | number;
            /**
             * Format: double
             * @description The same.
             */
            heightMillimetres: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description Where a cell sits and what the board does with it. Null figures have not been measured. */
        CellSite: {
            chemistry?: components["schemas"]["CellChemistry"];
            /**
             * Format: double
             * @description Nominal volts of the whole cell or pack.
             */
            nominalVolts?: null | number;
            /** @description Whether the board charges the cell while it is on. */
            charges?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description Open-line volts of the charging line with the cell out and the board on.
             */
            chargeVolts?: null | number;
            /**
             * Format: double
             * @description What the charging line gives into the cell.
             */
            chargeMilliamps?: null | number;
            /**
             * Format: double
             * @description Least volts at which the clock or memory chip keeps its data.
             */
            windowLowVolts?: null | number;
            /**
             * Format: double
             * @description Most volts that the chip bears on its backup pin.
             */
            windowHighVolts?: null | number;
            /**
             * Format: double
             * @description What the chip draws from the cell with the machine off.
             */
            drainMicroamps?: null | number;
            keeps?: components["schemas"]["KeptData"];
            /** @description The data was copied off, or the line is bridged by a second source while the cell is out. */
            dataSafe?: boolean;
            /** @description The owner has said, in writing or before a witness, that the data may go. */
            lossAccepted?: boolean;
            /**
             * Format: double
             * @description What holds the memory up by itself when the cell is out: the capacitor beside the chip, µF.
             */
            holdMicrofarads?: null | number;
            /** @description The cell is moulded into a clock module. */
            hiddenInModule?: boolean;
            /** @description A holder for a coin cell is what the board has now. */
            coinHolder?: boolean;
            /** @description There is room in the case for a holder on a lead. */
            roomForHolder?: components["schemas"]["ThreeState"];
            /** @description The cell that came in it leaks, or has leaked. */
            leaking?: components["schemas"]["ThreeState"];
            swollen?: components["schemas"]["ThreeState"];
        };
        /**
         * @description The steps of a cell's exchange that hands take.
         * @enum {string}
         */
        CellStep: "oldOut" | "fitted" | "outAgain";
        /** @description One step of the exchange, and whether it may be taken now. */
        CellStepRow: {
            step: components["schemas"]["CellStep"];
            may: components["schemas"]["Permit"];
        };
        /** @enum {string} */
        CellWiring: "series" | "parallel";
        CellsTogetherAsk: {
            /** @description In the order in which they sit. */
            cells: components["schemas"]["OneCell"][];
            wiring: components["schemas"]["CellWiring"];
            /** @description Whether they may be charged decides side by side. */
            chemistry?: components["schemas"]["CellChemistry"];
        };
        CellsTogetherResult: {
            /**
             * Format: double
             * @description Of all together.
             */
            volts: null | number;
            /**
             * Format: double
             * @description Of all together; null when that of one is not known.
             */
            milliampHours: null | number;
            /**
             * Format: int32
             * @description Which cell holds the others back, counted from 1; null when none does.
             */
            weakest: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        CeramicCodeAsk: {
            /** @description The letter and the digit; before them a letter of the maker where there is one. */
            code: string;
        };
        CeramicCodeResult: {
            /**
             * Format: double
             * @description Null when it is no such code.
             */
            farads: null | number;
            /** @description A letter before the code that stands for its maker; empty when there is none. */
            maker: string;
            verdict: components["schemas"]["Verdict"];
        };
        ChanceResult: {
            /**
             * Format: double
             * @description That all is ready by the day.
             */
            chance: number;
            /** @description A tenth, half and nine tenths of the runs are ready by then; null where fewer are ready at all. */
            readyAt: (null | number)[];
            /** @description Of each group that was asked for. */
            groups?: components["schemas"]["GroupChance"][];
        };
        ChangeCapAsk: {
            /** Format: double */
            x: number;
            /** Format: double */
            y: number;
            /** Format: double */
            w: number;
            /** Format: double */
            h: number;
            /** @default  */
            legend: string;
            /** @default  */
            wayRound: string;
        };
        ChargeAsk: {
            chemistry: components["schemas"]["CellChemistry"];
            /** Format: double */
            milliampHours: number;
            /**
             * Format: int32
             * @description In series.
             * @default 1
             */
            cells: number;
            /**
             * Format: double
             * @description What it is charged from; null when not known.
             */
            supplyVolts?: null | number;
        };
        ChargeResult: {
            /**
             * Format: double
             * @description A tenth of its capacity.
             */
            milliamps: number;
            /** Format: double */
            hours: number;
            /**
             * Format: double
             * @description Between the supply and the cell; null when the supply is not known.
             */
            seriesOhms: null | number;
            /**
             * Format: double
             * @description What that resistor turns into warmth.
             */
            wasteWatts: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description What was read across the cell's pads with the cell out: red lead on its plus pad, black on ground. Null is not read. */
        ChargingReadings: {
            /**
             * Format: double
             * @description Board off.
             */
            offVolts?: null | number;
            /**
             * Format: double
             * @description Board on.
             */
            onVolts?: null | number;
            /**
             * Format: double
             * @description Board on, with the load across the pads.
             */
            loadedVolts?: null | number;
            /**
             * Format: double
             * @description The load; 1 kΩ is usual.
             */
            loadOhms?: null | number;
        };
        ChargingResult: {
            /** @description For the cell's site. */
            charges: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description Open line.
             */
            volts: null | number;
            /**
             * Format: double
             * @description Through the load: V/R.
             */
            milliamps: null | number;
            /**
             * Format: double
             * @description What the line comes through: R·(V₀/V − 1).
             */
            sourceOhms: null | number;
            /** @description What to read next, which way round, board off or on; empty when nothing is left. */
            measure: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description One answer, as given with one thumb. */
        ChecklistAnswer: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            item?: string;
            answer?: components["schemas"]["LookAnswer"];
            note?: string;
            /** Format: uuid */
            photoId?: null | string;
            /**
             * Format: uuid
             * @description What a bad answer raised.
             */
            findingId?: null | string;
            /** Format: date-time */
            at?: string;
            /** Format: int32 */
            version?: number;
        };
        ChecklistAsk: {
            answer: components["schemas"]["LookAnswer"];
            note: string;
            /** Format: uuid */
            photoId: null | string;
        };
        ChecklistCalcAsk: {
            class: components["schemas"]["MachineClass"];
            traits: components["schemas"]["Trait"][];
            /** Format: int32 */
            yearFrom: null | number;
            /** Format: int32 */
            yearTo: null | number;
            /** @description Kinds found and open: they change the list. */
            found?: null | components["schemas"]["FindingKind"][];
        };
        ChecklistItem: {
            /** @description Stable, for answers. */
            id: string;
            zone: components["schemas"]["Zone"];
            /** @description What to look at. */
            title: string;
            /** @description What it looks like when it is bad. */
            looksLike: string;
            /** @description Why it is on this machine's list. */
            because: string;
            /** @description The finding that a bad answer is. */
            raises: components["schemas"]["FindingKind"];
            /** @description Said beside it. */
            cautions: components["schemas"]["CautionId"][];
            /** @description Traits that put it on the list: to see it is to know them, and "not here" rules them out. */
            of: components["schemas"]["Trait"][];
        };
        ChecklistResult: {
            /** @description In walking order. */
            items: components["schemas"]["ChecklistItem"][];
            /** @description What must not be done to it now. */
            refused: components["schemas"]["RefusedAct"][];
            sentence?: string;
        };
        ChecklistRow: {
            item: components["schemas"]["ChecklistItem"];
            answer: null | components["schemas"]["ChecklistAnswer"];
            photoHash: null | string;
        };
        ChecklistScreen: {
            rows: components["schemas"]["ChecklistRow"][];
            refused: components["schemas"]["RefusedAct"][];
            /** @description The first item that nobody has looked at; null when all have an answer. */
            next: null | string;
            /** Format: int32 */
            looked: number;
        };
        ChooseReplacement: {
            kind: components["schemas"]["ReplacementKind"];
            overruleReason: null | string;
        };
        /** @description A schedule and what is wished of it. */
        ClashAsk: {
            plan: components["schemas"]["ScheduleAsk"];
            wishes: components["schemas"]["Wish"][];
        };
        ClashResult: {
            /** @description Names of wishes that cannot all come true, and of which every smaller set is not proven impossible; empty where nothing is. */
            wishes: string[];
            /**
             * Format: int32
             * @description Minutes by which they miss at the least.
             */
            over: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description One thing that is cleaned: a shell, a panel, key caps, a board, a bracket. */
        CleanedItem: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            name?: string;
            /**
             * Format: uuid
             * @description The piece of the strip-down that it is; null where it is none.
             */
            pieceId?: null | string;
            /**
             * Format: uuid
             * @description The finding that it was put down for.
             */
            findingId?: null | string;
            /**
             * Format: uuid
             * @description A photo of it as it was.
             */
            photoId?: null | string;
            worth?: null | components["schemas"]["WorthFacts"];
            /** @description A smell, rated, and what was done against it. */
            odour?: components["schemas"]["OdourFacts"];
            /** @description What it is made of, what lies on it, what has been tried. */
            facts?: components["schemas"]["CleaningFacts"];
            /** @description As what it dries. */
            dries?: components["schemas"]["WetPart"];
            /** @description It takes the mains, or sits in a supply: once wet it is not put back by drying alone. */
            mains?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description Where it dries, °C; null takes the room.
             */
            dryingCelsius?: null | number;
            air?: components["schemas"]["MovingAir"];
            sheet?: components["schemas"]["CleaningSheet"];
            /** Format: int32 */
            version?: number;
        };
        CleanedItemEdit: {
            name: string;
            materials: components["schemas"]["Material"][];
            /** @description Null when nobody looked: then lettering and labels count as there. */
            features: null | components["schemas"]["Feature"][];
            soils: components["schemas"]["Soil"][];
            /** @description Cleaners and residues that are on it. */
            on?: null | components["schemas"]["Substance"][];
            /** @default true */
            inSight: boolean;
            /**
             * Format: double
             * @description Price of a tested one; null when not known.
             */
            replacement?: null | number;
            /** Format: double */
            hourWorth?: null | number;
            dries?: components["schemas"]["WetPart"];
            mains?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description Where it dries; null takes the room.
             */
            dryingCelsius?: null | number;
            air?: components["schemas"]["MovingAir"];
            ownMaterials?: null | string[];
            ownSoils?: null | string[];
            /** Format: uuid */
            pieceId?: null | string;
            /** Format: uuid */
            findingId?: null | string;
            /** Format: uuid */
            photoId?: null | string;
            worth?: null | components["schemas"]["WorthFacts"];
        };
        CleanedRow: {
            item: components["schemas"]["CleanedItem"];
            ladder: components["schemas"]["LadderResult"];
            wet: boolean;
            /** @description Or may, as far as anybody has said. */
            takesMains: boolean;
            drying: null | components["schemas"]["DryingTimeResult"];
            /**
             * Format: date-time
             * @description When the least time is over.
             */
            dryFrom: null | string;
            mayDry: null | components["schemas"]["Permit"];
            /** @description Of the next method: what to lay out. */
            needs: string;
            before: string[];
            worth: null | components["schemas"]["WorthResult"];
            odour: null | components["schemas"]["OdourResult"];
            photoHash: null | string;
            /** @description The next method may be a bath, of Substance. */
            soaks: boolean;
            substance: null | components["schemas"]["Substance"];
            shelf: null | components["schemas"]["EnoughResult"];
            seat: null | components["schemas"]["SeatResult"];
        };
        CleaningBatch: {
            method: string;
            name: string;
            /** @description Their names, as given. */
            items: string[];
            /**
             * Format: int32
             * @description Of hands and waits, against one by one.
             */
            minutesSaved: number;
            /** @description Why others of the same method are not in it; empty where none are. */
            split: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description What is cleaned. */
        CleaningFacts: {
            /** @description Nothing named counts as not known. */
            materials?: components["schemas"]["Material"][];
            /** @description Null when nobody looked, and then lettering and labels count as there. */
            features?: null | components["schemas"]["Feature"][];
            soils?: components["schemas"]["Soil"][];
            /** @description Materials and soils by a pack, as they were when it was put down. */
            ownMaterials?: components["schemas"]["OwnMaterial"][];
            ownSoils?: components["schemas"]["OwnSoil"][];
            /** @description Methods of the workshop's packs, beside the usual ones or in their place; as they were when it was last put down or a pack came in. */
            ownMethods?: components["schemas"]["CleaningMethod"][];
            /** @description Cleaners and residues that are on it, or were and were not rinsed off. */
            on?: components["schemas"]["Substance"][];
            /** @description In order, oldest first. */
            trials?: components["schemas"]["CleaningTrial"][];
            seat?: null | components["schemas"]["SeatTests"];
            /** @description In sight when the machine is whole; a hidden place is clean enough sooner. */
            inSight?: boolean;
            /**
             * Format: double
             * @description Price of a tested one, and what an hour is worth, in the workshop's currency; null when not known.
             */
            replacement?: null | number;
            /** Format: double */
            hourWorth?: null | number;
        };
        CleaningMethod: {
            id: string;
            name: string;
            /**
             * Format: int32
             * @description 1 the mildest, 10 the hardest.
             */
            strength: number;
            substance: components["schemas"]["Substance"];
            /** @description Chance that it takes most of such a soil off, 0 to 1; a soil that is not named it does not move. */
            moves: {
                [key: string]: number;
            };
            /** @description What it does to each; one that is not named wants a spot test. */
            materials: {
                [key: string]: components["schemas"]["Bears"];
            };
            /** @description The same of features. */
            features: {
                [key: string]: components["schemas"]["Bears"];
            };
            /** @description Of each never: the reason. */
            why: string;
            /** @description What has to be dealt with next: water, oil, powder; empty for nothing. */
            leaves: string;
            /**
             * Format: int32
             * @description That it works by itself.
             */
            dwellMinutes: number;
            /**
             * Format: int32
             * @description For a hand's breadth.
             */
            handsMinutes: number;
            needs: string;
            /** @description It brings water: trimmers, switches and labels are photographed before. */
            wets: boolean;
            cautions: components["schemas"]["CautionId"][];
            source: string;
            /** @description What it leaves has to be rinsed off with clean water. */
            rinse?: boolean;
            /** @description What is cleaned may lie in it. */
            bath?: boolean;
            /** @description What is done before it, beside noting what it wets; empty for nothing. */
            before?: string;
            /** @description Id of the method that follows it, as water follows a remover; empty for none. */
            then?: string;
            /** @description It takes along what lies loose, as a cloth does and a bottle of solvent does not. */
            carries?: boolean;
            /** @description It disinfects: on droppings and mould it comes before anything is wiped, rinsed or brushed. */
            disinfects?: boolean;
            /** @description What one pass over a hand's breadth uses up; empty for nothing that is counted. */
            uses?: components["schemas"]["SupplyNeed"][];
            /** @description How sure it is. */
            founded?: components["schemas"]["Basis"];
        };
        /** @description Everything that Case has: what is cleaned, whitened, freed of rust, taken apart key by key, serviced; and what could be. */
        CleaningScreen: {
            items: components["schemas"]["CleanedRow"][];
            candidates: components["schemas"]["Candidate"][];
            batch: null | components["schemas"]["BatchResult"];
            colourPolicy: components["schemas"]["ColourPolicy"];
            whitenings: components["schemas"]["WhiteningRow"][];
            matches: null | components["schemas"]["MatchResult"];
            panels: components["schemas"]["PanelRow"][];
            mendings: components["schemas"]["MendingRow"][];
            keyboards: components["schemas"]["KeyboardRow"][];
            mechanisms: components["schemas"]["MechanismRow"][];
            ownMaterials: components["schemas"]["OwnMaterial"][];
            ownSoils: components["schemas"]["OwnSoil"][];
        };
        /** @description How far the cleaning of one item has come. */
        CleaningSheet: {
            /**
             * Format: date-time
             * @description Since when it is wet; null when nothing has wetted it, or it is dry again.
             */
            wetAt?: null | string;
            by?: components["schemas"]["WettedBy"];
            /** @description Since it was wetted, oldest first. */
            weighings?: components["schemas"]["WeighedAt"][];
            /** Format: date-time */
            driedAt?: null | string;
            /** @description Of something that takes the mains: who is trained for it and tested its insulation, and what it read; empty for nobody. */
            testedBy?: string;
            /**
             * Format: date-time
             * @description Clean enough, or left as it is.
             */
            doneAt?: null | string;
            /**
             * Format: date-time
             * @description When trimmers, switches, jumpers and labels were photographed and read, before it got wet; null for not yet.
             */
            notedAt?: null | string;
            /** @description How they stood. */
            noted?: string;
            soak?: null | components["schemas"]["Soak"];
        };
        CleaningTrial: {
            /** @description Id. */
            method: string;
            /**
             * Format: double
             * @description Of what was there before this pass, 0 to 1; by two photos, or in fifths by eye.
             */
            removedShare: number;
            /** @description New: scratches, bloom, lettering gone; null where nobody has looked, and then it has not borne it yet. */
            damage?: null | boolean;
            /**
             * @description A guess then.
             * @default true
             */
            byEye: boolean;
            /**
             * Format: double
             * @description Of what was there before this pass, what has come loose and still lies there: by eye, in fifths. It is not removed until it is carried off.
             * @default 0
             */
            loosened: number;
        };
        ClosePowerStepAsk: {
            notes: components["schemas"]["PowerNotes"];
            /** @description The person says that they are trained for what the step's cautions name. */
            confirmedCautions: boolean;
            /** @description Set when the person fails a step that has no readings, by what they saw. */
            failedBecause: null | string;
        };
        CloseStage: {
            reason: string;
        };
        CoatLaid: {
            /** Format: date-time */
            at: string;
            /**
             * Format: double
             * @description Of the air.
             */
            celsius: number;
            /**
             * Format: double
             * @description Relative, percent.
             */
            humidity: number;
        };
        /**
         * @description What lies on the steel.
         * @enum {string}
         */
        Coating: "notKnown" | "bare" | "zinc" | "yellowPassivated" | "cadmium" | "paint" | "oldPaint";
        ColourDifferenceAsk: {
            first: components["schemas"]["Lab"];
            second: components["schemas"]["Lab"];
            /**
             * Format: double
             * @description ΔE00 by which one patch differs from photo to photo; null when nobody tried.
             */
            noise?: null | number;
        };
        ColourDifferenceResult: {
            /**
             * Format: double
             * @description CIEDE2000.
             */
            deltaE: number;
            /**
             * Format: double
             * @description L* of the second less that of the first.
             */
            lighter: number;
            /**
             * Format: double
             * @description b* of the second less that of the first.
             */
            yellower: number;
            verdict: components["schemas"]["Verdict"];
        };
        ColourPatch: {
            name: string;
            seen: components["schemas"]["PatchSample"];
            /**
             * @description Light never reached it: under a foot, behind a label.
             * @default false
             */
            unaged: boolean;
        };
        /**
         * @description What is done about the colour that age has given a case: a policy of the machine, decided by a person.
         * @enum {string}
         */
        ColourPolicy: "notDecided" | "whiten" | "paint" | "leave";
        ColourPolicyAsk: {
            policy: components["schemas"]["ColourPolicy"];
        };
        /** @description The colour of a part as it was measured once. */
        ColourReading: {
            /** Format: date-time */
            at: string;
            /**
             * Format: double
             * @description That it had had by then.
             */
            dose: number;
            /** Format: double */
            b: number;
            /** Format: double */
            evenness: null | number;
            absolute: boolean;
            patches: components["schemas"]["MeasuredPatch"][];
            /**
             * Format: uuid
             * @description The photo that it was measured on; null for figures of an instrument.
             */
            photoId?: null | string;
            /**
             * @description A white bloom or streaks were seen.
             * @default false
             */
            bloom: boolean;
            /** @description What lay beside the part. */
            card?: components["schemas"]["CardKind"];
        };
        CombinationAnswer: {
            /** @description Of the two candidates as sent, from 0. */
            indices: number[];
            joined: components["schemas"]["Joined"];
            spec: components["schemas"]["CapacitorSpec"];
            needs: string;
            verdict: components["schemas"]["Verdict"];
        };
        CombinationAsk: {
            original: components["schemas"]["CapacitorSpec"];
            candidates: components["schemas"]["CandidateAsk"][];
            role?: components["schemas"]["CapacitorRole"];
            /** Format: double */
            headroomMillimetres?: null | number;
        };
        Comparison: {
            before: components["schemas"]["Series"];
            after: components["schemas"]["Series"];
            /**
             * Format: double
             * @description Median after over median before; null when the one before is 0 or of the other sign.
             */
            ratio: null | number;
            /**
             * Format: double
             * @description Low end of a 95 % interval from all pairs.
             */
            ratioLow: null | number;
            /**
             * Format: double
             * @description High end.
             */
            ratioHigh: null | number;
            /**
             * Format: double
             * @description Chance that shuffling the runs alone would part them at least so far.
             */
            probability: number;
            /**
             * Format: double
             * @description The threshold used.
             */
            alphaUsed: number;
            verdict: components["schemas"]["Verdict"];
        };
        ConfigurationFit: {
            /** @description One as sold. */
            configuration: components["schemas"]["ShippedConfiguration"];
            /**
             * Format: int32
             * @description Items that agree with it.
             */
            agrees: number;
            /**
             * Format: int32
             * @description Items that speak against it.
             */
            contradicts: number;
            /**
             * Format: int32
             * @description Items nobody has looked at.
             */
            notSeen: number;
        };
        /** @description One corroded area on a board's map. */
        CorrosionArea: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /** Format: uuid */
            boardId?: string;
            side?: components["schemas"]["Side"];
            name?: string;
            source?: components["schemas"]["LeakSource"];
            /**
             * Format: double
             * @description Of wet paper laid on the residue before anything was done; null when nobody tried.
             */
            phBefore?: null | number;
            outline?: components["schemas"]["Point"][];
            /** @description Oldest first; the last one stands. */
            looks?: components["schemas"]["AreaInspection"][];
            treatment?: components["schemas"]["AreaTreatment"];
            /** Format: date */
            inspectOn?: null | string;
            /**
             * Format: uuid
             * @description A piece of work on the plan that stands for its next step, so that it is not listed twice; taking that step does it.
             */
            jobId?: null | string;
            /** Format: int32 */
            version?: number;
            stage?: components["schemas"]["CorrosionStage"];
            next?: components["schemas"]["AreaStep"];
        };
        /**
         * @description How far it has gone.
         * @enum {string}
         */
        CorrosionStage: "tarnish" | "bloom" | "maskLifted" | "copperEaten" | "open";
        CostEdit: {
            what: string;
            /** Format: double */
            amount: null | number;
            /** Format: int32 */
            minutes: null | number;
        };
        /** @description Money or minutes spent on a machine; either may be absent, not both. */
        CostEntry: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            what?: string;
            /**
             * Format: double
             * @description In the workshop's currency.
             */
            amount?: null | number;
            /** Format: int32 */
            minutes?: null | number;
            /** Format: date-time */
            at?: string;
            /**
             * Format: uuid
             * @description The order that it was paid with; null when it was none of ours.
             */
            orderId?: null | string;
        };
        CostSum: {
            /**
             * Format: double
             * @description What the machine itself cost; null when not known.
             */
            paid: null | number;
            /**
             * Format: double
             * @description Everything spent on it since.
             */
            spent: number;
            /**
             * Format: double
             * @description Both; a machine whose price is not known counts as 0, and Paid says so.
             */
            total: number;
            /**
             * Format: int32
             * @description Hands-on time.
             */
            minutes: number;
            currency: string;
        };
        CostsScreen: {
            entries: components["schemas"]["CostEntry"][];
            sum: components["schemas"]["CostSum"];
            expectation: components["schemas"]["Expectation"];
            /** @description Go on, or stop? */
            goOn: components["schemas"]["GoOnResult"];
            /**
             * Format: int32
             * @description Of the machine, for changing what is expected.
             */
            version: number;
        };
        /** @description A crack in a case. */
        CrackFacts: {
            material?: components["schemas"]["Material"];
            /** Format: double */
            lengthMillimetres?: number;
            load?: components["schemas"]["CrackLoad"];
            /** @description It is in sight. Not known counts as yes. */
            inSight?: components["schemas"]["ThreeState"];
            /** @description Clean of grease and old glue. Not known counts as no. */
            clean?: components["schemas"]["ThreeState"];
            /** @description A piece is missing, and is filled. */
            pieceMissing?: components["schemas"]["ThreeState"];
            /** @description Threadlocker is to go near it. */
            threadlocker?: boolean;
        };
        /**
         * @description What pulls at a mended place.
         * @enum {string}
         */
        CrackLoad: "notKnown" | "none" | "handling" | "screw";
        CrackResult: {
            /** @description Empty where it cannot be said. */
            adhesive: string;
            /** @description In order. */
            steps: string[];
            /**
             * Format: double
             * @description Held by clamp or tape.
             */
            fixtureMinutes: number;
            /**
             * Format: double
             * @description Until it may bear.
             */
            cureHours: number;
            verdict: components["schemas"]["Verdict"];
        };
        CsvTaken: {
            /** Format: uuid */
            logId: string;
            sentence: string;
            /** Format: int32 */
            count: number;
            /** @description Ambiguities and how they were taken. */
            notes: string[];
            /** @description Lines that could not be read, each with why. */
            leftOut: string[];
        };
        DateCodeAnswer: {
            code: string;
            resolved: null | components["schemas"]["DateCodeReading"];
            newerThanMachine: boolean;
            sentence: string;
            readings: components["schemas"]["DateCodeReading"][];
            /** Format: int32 */
            pivotYear: number;
            /** Format: int32 */
            leadYears: number;
        };
        DateCodeAsk: {
            code: string;
            /**
             * Format: int32
             * @description First year that the machine can be from.
             */
            windowFromYear?: null | number;
            /**
             * Format: int32
             * @description Last year; counts.
             */
            windowToYear?: null | number;
            /**
             * Format: int32
             * @description Two-digit years from this one on are 19YY; 70 when left out.
             * @default 70
             */
            pivotYear: number;
            /**
             * Format: int32
             * @description Years before the machine that a part may be from; 2 when left out.
             * @default 2
             */
            leadYears: number;
        };
        /**
         * @description Where a date code falls against the years that the machine can be from.
         * @enum {string}
         */
        DateCodeFit: "before" | "within" | "afterMachine";
        /**
         * @description The order of the digits in a date code.
         * @enum {string}
         */
        DateCodeForm: "yearYearWeekWeek" | "weekWeekYearYear" | "yearWeekWeek";
        /** @description One way to read a code. */
        DateCodeReading: {
            /** @description Digit order. */
            form: components["schemas"]["DateCodeForm"];
            /**
             * Format: int32
             * @description ISO 8601 week-numbering year.
             */
            year: number;
            /**
             * Format: int32
             * @description 1 to 53.
             */
            week: number;
            /**
             * Format: date
             * @description Monday of that week.
             */
            from: string;
            /**
             * Format: date
             * @description Sunday of that week; the end counts.
             */
            to: string;
            /** @description Against the machine's window. */
            fit: components["schemas"]["DateCodeFit"];
        };
        /** @description All readings that can be true, and the one that fits if only one does. */
        DateCodeResult: {
            /** @description As given. */
            code: string;
            /** @description In the order: within the window, before it, after it; then by date. */
            readings: components["schemas"]["DateCodeReading"][];
            resolved: null | components["schemas"]["DateCodeReading"];
            /** @description One whole sentence. */
            sentence: string;
            /**
             * Format: int32
             * @description Two-digit years from this one on are 19YY, those before it 20YY; the figure used.
             */
            pivotYear: number;
            /**
             * Format: int32
             * @description How many years before the machine a part may have been made; the figure used.
             */
            leadYears: number;
            /** @description The resolved reading is later than the machine can be: an earlier repair. */
            newerThanMachine?: boolean;
        };
        /** @description One day that is not as its week says. */
        DayHours: {
            /** Format: date */
            day: string;
            /**
             * Format: time
             * @description Null, with To, for not there at all.
             */
            from: null | string;
            /** Format: time */
            to: null | string;
        };
        /** @enum {string} */
        DayOfWeek: "sunday" | "monday" | "tuesday" | "wednesday" | "thursday" | "friday" | "saturday";
        DayScreen: {
            eventName: string;
            /** Format: date */
            eventDay: null | string;
            /** Format: int32 */
            daysLeft: null | number;
            chance: null | components["schemas"]["PlanChanceResult"];
            machines: components["schemas"]["RiskRow"][];
            unplanned: components["schemas"]["KeptUnplanned"][];
            said: string[];
        };
        DealtWith: {
            how: string;
        };
        DepthAsk: {
            depth?: null | components["schemas"]["OpenDepth"];
        };
        DepthPiece: {
            id: string;
            title: string;
            kind?: components["schemas"]["PieceKind"];
            /** @description Ids of the pieces that come off before it. */
            behind?: null | string[];
            /**
             * Format: double
             * @description To take it off; null takes what is usual of its kind.
             */
            offMinutes?: null | number;
            /**
             * @description It lies on the bench now.
             * @default false
             */
            isOff: boolean;
        };
        DepthWork: {
            id: string;
            title: string;
            /** @description Id of the piece where it lies; empty for outside, null where nobody has said: its words may name the piece, otherwise it is not known. */
            piece?: null | string;
            /**
             * @description That piece itself is out for it; otherwise what is in front of it is enough.
             * @default false
             */
            out: boolean;
            /**
             * Format: double
             * @default 10
             */
            minutes: number;
            /**
             * @description It must not be left for another time.
             * @default false
             */
            danger: boolean;
        };
        DilutionAsk: {
            /**
             * Format: double
             * @description Of what is in the bottle.
             */
            stockPercent: number;
            /**
             * Format: double
             * @description Of what is to be used.
             */
            wantedPercent: number;
            /**
             * Format: double
             * @description Wanted in all.
             */
            millilitres: number;
            /**
             * Format: double
             * @description In the bottle; null when nobody looked.
             */
            leftMillilitres?: null | number;
        };
        DilutionResult: {
            /**
             * Format: double
             * @description Out of the bottle.
             */
            stockMillilitres: number;
            /**
             * Format: double
             * @description Distilled, and in the vessel first.
             */
            waterMillilitres: number;
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description A direction on the board's picture.
         * @enum {string}
         */
        Direction: "notKnown" | "up" | "right" | "down" | "left";
        DiskSpace: {
            /** Format: int64 */
            freeBytes: number;
            /** Format: int64 */
            databaseBytes: number;
            /** Format: int64 */
            photoBytes: number;
            /** Format: int64 */
            backupBytes: number;
            low: boolean;
            sentence: string;
        };
        DoItResult: {
            /** @description At the bench. */
            hours: components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description Chance that the board is worse afterwards than a service would leave it.
             */
            spoilRisk: number;
            /** @description To be bought, with what it costs about. */
            missing: string[];
            /**
             * Format: double
             * @description Tools, hours and the risk.
             */
            ownCost: number;
            verdict: components["schemas"]["Verdict"];
        };
        DoseAsk: {
            bleach: components["schemas"]["BleachFacts"];
            /**
             * Format: date-time
             * @description By the clock at the bench.
             */
            from: string;
            /** Format: double */
            hours: number;
        };
        DoseResult: {
            /**
             * Format: double
             * @description Of full summer sun at 6 % and 25 °C that it counts as.
             */
            hours: number;
            /**
             * Format: double
             * @description Against full summer sun, mean over the time.
             */
            light: number;
            /**
             * Format: double
             * @description Dose an hour.
             */
            rate: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A part lying in the drawer. */
        DrawerCandidate: {
            /**
             * Format: uuid
             * @description Its drawer row.
             */
            id: string;
            /** @description What it is. */
            spec: components["schemas"]["CapacitorSpec"];
            /**
             * Format: int32
             * @description Pieces neither reserved nor fitted.
             */
            free: number;
            /**
             * Format: date
             * @description When it came; null when not known.
             */
            boughtOn: null | string;
            /** @description Which drawer. */
            place: string;
        };
        DrawerCount: {
            /**
             * Format: int32
             * @description Pieces that lie there.
             */
            quantity: number;
        };
        DrawerEdit: {
            spec: components["schemas"]["CapacitorSpec"];
            /** Format: int32 */
            quantity: number;
            place: string;
            /** Format: date */
            boughtOn: null | string;
            /** Format: double */
            price: null | number;
        };
        /** @description Parts of one kind lying in the store. */
        DrawerPart: {
            /** Format: uuid */
            id?: string;
            spec?: components["schemas"]["CapacitorSpec"];
            /**
             * Format: int32
             * @description Pieces bought and not yet fitted, whether reserved or not.
             */
            quantity?: number;
            /**
             * Format: int32
             * @description Pieces set aside for places on boards: the number of its Reservations, counted when the part is read; never above int DrawerPart.Quantity.
             */
            reserved?: number;
            place?: string;
            /** Format: date */
            boughtOn?: null | string;
            /**
             * Format: double
             * @description Price of one piece in the workshop's currency.
             */
            price?: null | number;
            /** Format: int32 */
            version?: number;
            /** Format: int32 */
            free?: number;
        };
        DrawerRow: {
            part: components["schemas"]["DrawerPart"];
            name: string;
            /** Format: int32 */
            free: number;
            for: components["schemas"]["ReservedFor"][];
        };
        DrawerScreen: {
            parts: components["schemas"]["DrawerRow"][];
            /** Format: int32 */
            pieces: number;
            /** Format: int32 */
            reserved: number;
            /** Format: double */
            worth: number;
            currency: string;
            /** Format: int32 */
            page: number;
            /** Format: int32 */
            pages: number;
        };
        DropAnswer: {
            /** Format: double */
            kelvin: number;
            sentence: string;
        };
        DropAsk: {
            /** Format: double */
            watts: number;
            /** Format: double */
            millimetres: number;
            /** Format: double */
            conductivity: number;
            /** Format: double */
            squareMillimetres: number;
        };
        DryItemAsk: {
            /**
             * Format: double
             * @description Least step of the scale.
             * @default 1
             */
            scaleGrams: number;
            /** @description Of something that takes the mains: who is trained for it and tested its insulation, and what it read. */
            testedBy?: null | string;
            overruleReason?: null | string;
            /**
             * Format: double
             * @description It was wetted so many hours ago and is written down only now; null where it was written down at once.
             */
            hoursAgo?: null | number;
        };
        /** @description Numbers of the house. */
        DryingDefaults: {
            /**
             * Format: double
             * @description Hours at 20 °C, half damp, in still air.
             */
            shellHours?: number;
            /** Format: double */
            hollowShellHours?: number;
            /** Format: double */
            boardHours?: number;
            /** Format: double */
            connectorsHours?: number;
            /** Format: double */
            membraneHours?: number;
            /** Format: double */
            coilsHours?: number;
            /** Format: double */
            woodHours?: number;
            /**
             * Format: double
             * @description Against water: alcohol is gone in a sixth of the time, from where it reaches. In coils, between foils and in hollow posts the water that it meets stays.
             */
            alcoholShare?: number;
            /** Format: double */
            unrinsedShare?: number;
            /**
             * Format: double
             * @description How much faster moving air carries the damp off.
             */
            fanFactor?: number;
            /** Format: double */
            dehydratorFactor?: number;
            /**
             * Format: double
             * @description However warm and windy: damp has to creep out, and that takes its time.
             */
            leastHours?: number;
        };
        DryingTemperatureAsk: {
            /** @description Everything on the part; nothing named counts as not known. */
            on: components["schemas"]["HeatShy"][];
            /**
             * Format: double
             * @description As read off the dial; null where none is set yet.
             */
            asked?: null | number;
            unit?: components["schemas"]["TemperatureUnit"];
            /**
             * @description There is solvent or fuel on it.
             * @default notKnown
             * @enum {string}
             */
            solvent: "notKnown" | "yes" | "no";
        };
        DryingTemperatureResult: {
            /**
             * Format: double
             * @description Null where nothing may be warmed at all.
             */
            mostCelsius: null | number;
            /** @description What sets that limit. */
            because: string;
            /** Format: double */
            askedCelsius: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        DryingTimeAsk: {
            part: components["schemas"]["WetPart"];
            by: components["schemas"]["WettedBy"];
            /**
             * Format: double
             * @description Where it dries.
             */
            celsius: number;
            /**
             * Format: double
             * @default 20
             */
            roomCelsius: number;
            /**
             * Format: double
             * @description Relative, percent.
             * @default 50
             */
            roomHumidity: number;
            air?: components["schemas"]["MovingAir"];
            house?: null | components["schemas"]["DryingDefaults"];
        };
        DryingTimeResult: {
            /**
             * Format: double
             * @description Least time, from when it stopped dripping.
             */
            hours: null | number;
            /**
             * Format: double
             * @description How many times faster than at 20 °C, half damp, in still air.
             */
            factor: null | number;
            /** @description Where water stays longest: looked at, blown out, tipped. */
            traps: string[];
            verdict: components["schemas"]["Verdict"];
            house: components["schemas"]["DryingDefaults"];
        };
        DueAsk: {
            /** @default  */
            owner: string;
            /**
             * Format: date
             * @description Null takes the workshop's day.
             */
            dueOn?: null | string;
        };
        EarliestBuildAnswer: {
            /** Format: date */
            day: null | string;
            sentence: string;
            codes: components["schemas"]["DateCodeAnswer"][];
        };
        EarliestBuildAsk: {
            codes: string[];
            /** Format: int32 */
            windowFromYear?: null | number;
            /** Format: int32 */
            windowToYear?: null | number;
        };
        ElseRow: {
            id: string;
            /** Format: uuid */
            machineId: string;
            machine: string;
            key: string;
            title: string;
            why: string;
            needs: string;
            /** Format: int32 */
            minutes: number;
            /** @description Where it is done. */
            path: string;
        };
        EndSessionAsk: {
            /**
             * Format: double
             * @description What the bench's clock is ahead of UTC.
             * @default 0
             */
            localHours: number;
        };
        EndWorkAsk: {
            end: components["schemas"]["WorkEnd"];
            /**
             * Format: double
             * @description At the bench; null takes the clock's.
             */
            takenMinutes?: null | number;
            /**
             * Format: double
             * @description Of what is unfinished.
             */
            leftMinutes?: null | number;
        };
        EnoughAsk: {
            needs: components["schemas"]["SupplyNeed"][];
            shelf: components["schemas"]["ShelfLine"][];
            /**
             * Format: date
             * @description Null takes the day of the bench.
             */
            today?: null | string;
        };
        EnoughLine: {
            supply: string;
            /**
             * Format: double
             * @description In the unit of the need.
             */
            wanted: number;
            unit: components["schemas"]["SupplyUnit"];
            /**
             * Format: double
             * @description On the shelf and still good, 0 where none is known.
             */
            left: number;
            /** @description The store knows such a thing at all. */
            listed: boolean;
            /** @description What is taken, the one that spoils first before the others. */
            from: components["schemas"]["TakenFrom"][];
            /** @description Names of what is at hand and may stand in, or may not, with why. */
            instead: components["schemas"]["StandIn"][];
            tooLittle?: boolean;
        };
        EnoughResult: {
            /** @description One for each kind that is wanted, in the order in which they were asked for. */
            lines: components["schemas"]["EnoughLine"][];
            verdict: components["schemas"]["Verdict"];
        };
        EsrLimitAsk: {
            kind: components["schemas"]["CapacitorKind"];
            /** Format: double */
            microfarads: number;
            /** Format: double */
            ratedVolts?: null | number;
            /**
             * Format: double
             * @description From its data sheet; null when there is none.
             */
            sheetEsrOhms?: null | number;
            /**
             * Format: double
             * @description At which the meter reads; 100 kHz when left out.
             * @default 100000
             */
            hertz: number;
        };
        EsrLimitResult: {
            /**
             * Format: double
             * @description Null where nothing gives a limit.
             */
            ohms: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A three-point estimate: a figure that nobody knows exactly, in the unit that its owner names. All three are finite and ascend; they may be equal. There is no default: nothing known is null, not three zeros. */
        Estimate: {
            /** Format: double */
            low: number;
            /** Format: double */
            likely: number;
            /** Format: double */
            high: number;
        };
        EveningResult: {
            tasks: components["schemas"]["KeptTask"][];
            /** @description What is wanted on the bench, each once, in the order in which it is first wanted. */
            layOut: string[];
            /**
             * Format: int32
             * @description Hands on.
             */
            minutes: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description What a machine is expected to come to, as a person says it on the first day. */
        Expectation: {
            toFinish?: null | components["schemas"]["Estimate"];
            complete?: null | components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description The sum at which the person wants to stop; null for the house's rule.
             */
            stopLoss?: null | number;
        };
        ExpectedAsk: {
            /**
             * Format: date
             * @description The day that it comes.
             */
            expectedOn: string;
        };
        FanExchangeAsk: {
            old: components["schemas"]["FanLabel"];
            offered: components["schemas"]["FanLabel"];
            /**
             * Format: double
             * @description Depth that there is; null takes the old fan's.
             */
            roomMillimetres?: null | number;
        };
        FanExchangeResult: {
            /** @description Rules that it breaks. */
            broken: string[];
            notKnown: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description What is known of a fan. Null was not measured. */
        FanFacts: {
            /** Format: double */
            ratedVolts?: number;
            /** Format: double */
            ratedRpm?: null | number;
            /** Format: double */
            readRpm?: null | number;
            /**
             * Format: double
             * @description Least volts from which it starts by itself.
             */
            startVolts?: null | number;
            noise?: components["schemas"]["FanNoise"];
            /** @description Play at the hub that a finger feels. */
            play?: boolean;
        };
        /** @description A fan by its label; null is not known. */
        FanLabel: {
            /** Format: double */
            frameMillimetres?: null | number;
            /** Format: double */
            thicknessMillimetres?: null | number;
            /** Format: double */
            volts?: null | number;
            /** Format: double */
            amps?: null | number;
            /**
             * Format: double
             * @description Free air, cubic metres an hour.
             */
            cubicMetresPerHour?: null | number;
            /**
             * Format: double
             * @description Most static pressure, pascal: what pushes air through a narrow grille.
             */
            pascals?: null | number;
            plug?: string;
            /** @description Air leaves on the side of the struts, as almost always; false for the other way. */
            awayFromHub?: null | boolean;
        };
        /** @enum {string} */
        FanNoise: "quiet" | "hum" | "rattle" | "scrape";
        /** @description Put into those holes. */
        FastenerBack: {
            /** Format: int32 */
            count: number;
            thread: string;
            /** Format: double */
            lengthMillimetres: null | number;
            head: string;
            /** @default false */
            fromStore: boolean;
        };
        FastenerBackAsk: {
            /** Format: int32 */
            count: number;
            thread: string;
            /** Format: double */
            lengthMillimetres: null | number;
            head: string;
            /**
             * Format: uuid
             * @description Spares that it was taken from; null for the tray.
             */
            fromStoreId: null | string;
        };
        FastenerFact: {
            /** @description Names the line once. */
            id: string;
            /**
             * Format: int32
             * @description Of the strip-down.
             */
            stepNumber: number;
            stepTitle: string;
            thread: string;
            /**
             * Format: double
             * @description As it came out; null when not measured.
             */
            lengthMillimetres: null | number;
            head: string;
            /**
             * Format: int32
             * @description Came out.
             */
            count: number;
            /**
             * Format: int32
             * @description Holes that were empty before.
             */
            missingBefore: number;
            hole: string;
            tray: string;
            /** @description What lies behind the hole. */
            pierces: string;
            returns: components["schemas"]["FastenerBack"][];
            /** @description Its piece is back in, so that nothing of it should be in a tray any more. */
            stepBack: boolean;
        };
        /** @description Fasteners put into a step's holes at the rebuild. */
        FastenerReturn: {
            /**
             * Format: int32
             * @description How many.
             */
            count: number;
            thread: string;
            /** Format: double */
            lengthMillimetres: null | number;
            head: string;
            /** @description Taken from the store in place of one that was missing. */
            fromStore: boolean;
            /** Format: date-time */
            at: string;
        };
        FastenerRow: {
            id: string;
            /** Format: int32 */
            stepNumber: number;
            stepTitle: string;
            size: string;
            hole: string;
            tray: string;
            /**
             * Format: int32
             * @description Came out.
             */
            out: number;
            /**
             * Format: int32
             * @description Back in, of those and from the store.
             */
            in: number;
            /**
             * Format: int32
             * @description Not back.
             */
            left: number;
            /**
             * Format: int32
             * @description Holes that still hold nothing.
             */
            emptyHoles: number;
            stand: components["schemas"]["FastenerStand"];
            /** @description For the row. */
            sentence: string;
            /** @description Spares that fit by thread, length and head, the fullest place first. */
            spares: components["schemas"]["SpareFastener"][];
        };
        /** @enum {string} */
        FastenerStand: "inTray" | "back" | "leftOver" | "missingFromBefore" | "wrong";
        /**
         * @description What lies on it and must stay as it is.
         * @enum {string}
         */
        Feature: "printedLegend" | "paperLabel" | "foilLabel" | "softTouch" | "paint" | "markOfItsHistory";
        /** @description One figure that a verdict rests on, in the unit named; limits are inclusive, and null where there is none. */
        Figure: {
            /** @description What it is, in two or three words. */
            name: string;
            /**
             * Format: double
             * @description In Unit; always finite.
             */
            value: number;
            /** @description SI symbol without prefix, "%", "years", or empty for a bare number. */
            unit: string;
            /**
             * Format: double
             * @description Least that is sound.
             */
            limitLow?: null | number;
            /**
             * Format: double
             * @description Most that is sound.
             */
            limitHigh?: null | number;
        };
        FillCapAsk: {
            from: string;
            /**
             * Format: int32
             * @description Profile row of the donor's cap; null when nobody knows.
             */
            row?: null | number;
            /** Format: double */
            width?: null | number;
            stem?: components["schemas"]["ThreeState"];
        };
        /** @description One thing seen, where, and whether it is dealt with. */
        Finding: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            kind?: components["schemas"]["FindingKind"];
            place?: string;
            seen?: string;
            /** Format: uuid */
            photoId?: null | string;
            /** Format: date-time */
            at?: string;
            /** Format: date-time */
            dealtWithAt?: null | string;
            /** @description How it was dealt with; empty while it is open. */
            dealtWith?: string;
            /** Format: int32 */
            version?: number;
            open?: boolean;
        };
        FindingChoice: {
            kind: components["schemas"]["FindingKind"];
            words: string;
            stopsPower: boolean;
        };
        FindingEdit: {
            kind: components["schemas"]["FindingKind"];
            place: string;
            seen: string;
            /** Format: uuid */
            photoId: null | string;
        };
        /**
         * @description What can be found on a machine before it is powered.
         * @enum {string}
         */
        FindingKind: "other" | "leakingCell" | "swollenCell" | "crackedMainsFilter" | "pictureTube" | "bulgingCapacitor" | "weepingCapacitor" | "rodents" | "mould" | "crackedCase" | "missingScrew" | "missingPart" | "earlierRepair" | "rust" | "saltOrDamp" | "chafedLead" | "looseMetal" | "coolingOff";
        /** @description What a kind of finding means. */
        FindingMeaning: {
            /** @description For a person. */
            words: string;
            /** @description No power while it is open. */
            stopsPower: boolean;
            /** @description Raised at once. */
            cautions: components["schemas"]["CautionId"][];
            /** @description What it implies, as an act; empty when there is none. */
            work: string;
            /** @description Why that matters, in a sentence. */
            why: string;
            /** @description The stage in which that work is done. */
            workStage?: components["schemas"]["Stage"];
        };
        FindingRow: {
            finding: components["schemas"]["Finding"];
            /** @description What it implies. */
            meaning: components["schemas"]["FindingMeaning"];
            photoHash: null | string;
            /** @description May it be powered with this: whether somebody has decided so, and whether that still holds. */
            power: components["schemas"]["Permit"];
        };
        FinishMendingAsk: {
            /** @default false */
            asItIs: boolean;
        };
        /** @description How far the work on a panel has come; a null instant is a step not yet done. */
        FinishSheet: {
            /** Format: date-time */
            residueAt?: null | string;
            /** Format: double */
            residuePh?: null | number;
            /** Format: date-time */
            neutralisedAt?: null | string;
            /** Format: date-time */
            maskedAt?: null | string;
            /** Format: date-time */
            rustOffAt?: null | string;
            /** Format: date-time */
            driedAt?: null | string;
            /** Format: date-time */
            truedAt?: null | string;
            primer?: null | components["schemas"]["CoatLaid"];
            /** Format: date-time */
            cardAt?: null | string;
            /**
             * Format: double
             * @description ΔE00 of the dried test card against the part; null where it was judged by eye.
             */
            cardApart?: null | number;
            coats?: components["schemas"]["CoatLaid"][];
            /** Format: date-time */
            curedAt?: null | string;
            /** Format: date-time */
            oiledAt?: null | string;
            /** Format: date-time */
            earthAt?: null | string;
            /** Format: double */
            earthOhms?: null | number;
            /**
             * Format: date-time
             * @description When it was done otherwise than by these steps; everything but what is read counts as done then.
             */
            otherwiseAt?: null | string;
        };
        /** @enum {string} */
        FinishStep: "readResidue" | "neutralise" | "mask" | "removeRust" | "dry" | "trueUp" | "prime" | "testCard" | "coat" | "cure" | "earthPoints" | "oil" | null;
        FinishStepAsk: {
            step: components["schemas"]["FinishStep"];
            /** Format: double */
            ph?: null | number;
            /** Format: double */
            celsius?: null | number;
            /** Format: double */
            humidity?: null | number;
            /** Format: double */
            apart?: null | number;
            looks?: components["schemas"]["ThreeState"];
            wet?: components["schemas"]["ThreeState"];
            /** Format: double */
            ohms?: null | number;
            overruleReason?: null | string;
            photo?: null | components["schemas"]["SamplePhotoAsk"];
        };
        FinishStepRow: {
            step: components["schemas"]["FinishStep"];
            words: string;
            /** Format: date-time */
            at: null | string;
        };
        FirstPowerAnswer: {
            steps: components["schemas"]["PowerStepPlan"][];
            next: null | components["schemas"]["PowerStepKind"];
            verdict: components["schemas"]["Verdict"];
            usualRails: components["schemas"]["RailReading"][];
            supply: null | components["schemas"]["SupplyTrustResult"];
        };
        FirstPowerAsk: {
            class: components["schemas"]["MachineClass"];
            traits: components["schemas"]["Trait"][];
            /** Format: int32 */
            yearTo?: null | number;
            /** @description Steps taken so far. */
            taken?: null | components["schemas"]["TakenStep"][];
            supply?: null | components["schemas"]["SupplyAsk"];
            ran?: components["schemas"]["LastRan"];
        };
        FittingAsk: {
            step: components["schemas"]["FittingStep"];
            pads: null | components["schemas"]["PadState"];
            /** @description Needed at the second look: where the new part's minus points. */
            minusSeen?: components["schemas"]["Direction"];
            /** @description Why a part is fitted although it breaks a rule in this place as it is now. */
            overruleReason?: null | string;
        };
        FittingOrderAnswer: {
            /** Format: int32 */
            number: number;
            designator: string;
            joint: components["schemas"]["JointSettings"];
            why: string;
        };
        FittingOrderAsk: {
            parts: components["schemas"]["FittingOrderPart"][];
        };
        FittingOrderPart: {
            designator: string;
            kind: components["schemas"]["CapacitorKind"];
            /** Format: double */
            x?: null | number;
            /** Format: double */
            y?: null | number;
            /** Format: double */
            heightMillimetres?: null | number;
            /** @default false */
            weeping: boolean;
            /** @default false */
            wideCopper: boolean;
            /** @default false */
            leadFree: boolean;
        };
        /** @description How far the exchange of one part has come; a null instant is a step not yet done. */
        FittingSheet: {
            /**
             * Format: uuid
             * @description The drawer part that was fitted; what is set aside for it is a Reservation.
             */
            partId?: null | string;
            /**
             * Format: uuid
             * @description The second of a pair.
             */
            otherPartId?: null | string;
            /**
             * Format: int32
             * @description How often it was exchanged before this: a new part may be bad too.
             */
            round?: number;
            /** Format: date-time */
            removedAt?: null | string;
            /** Format: date-time */
            padsCheckedAt?: null | string;
            pads?: null | components["schemas"]["PadState"];
            /** Format: date-time */
            padsMendedAt?: null | string;
            /** Format: date-time */
            cleanedAt?: null | string;
            /** Format: date-time */
            fittedAt?: null | string;
            /** Format: date-time */
            wayRoundCheckedAt?: null | string;
            /** @description Which way the new part's minus was seen to point at the second look. */
            minusSeen?: components["schemas"]["Direction"];
            /** Format: date-time */
            remeasuredAt?: null | string;
            started?: boolean;
            finished?: boolean;
        };
        /** @enum {string} */
        FittingStep: "remove" | "checkPads" | "mendPads" | "clean" | "fit" | "checkWayRound" | "remeasure" | null;
        FittingTurn: {
            /**
             * Format: int32
             * @description From 1.
             */
            number: number;
            /** Format: uuid */
            id: string;
            designator: string;
            joint: components["schemas"]["JointSettings"];
            why: string;
        };
        /**
         * @description What flux is put on, beside what the wire carries.
         * @enum {string}
         */
        Flux: "inTheWire" | "gel" | "liquid";
        FluxAsk: {
            flux: components["schemas"]["Flux"];
            /** @default true */
            openContacts: boolean;
            /** @default the part */
            name: string;
        };
        Forecast: {
            /**
             * Format: int32
             * @description By evidence.
             */
            now: number;
            /**
             * Format: int32
             * @description By evidence within the years: those now and the expected ones to come.
             */
            likely: number;
            /**
             * Format: int32
             * @description Under the preventive school now.
             */
            preventive: number;
            /** @description Of taking those now, and of what fails later. */
            evidenceCost: components["schemas"]["Estimate"];
            /** @description Of taking all of them now, and of what is left. */
            preventiveCost: components["schemas"]["Estimate"];
            rows: components["schemas"]["ForecastRow"][];
            verdict: components["schemas"]["Verdict"];
            house: components["schemas"]["ForecastDefaults"];
        };
        ForecastAsk: {
            parts: components["schemas"]["ForecastPart"][];
            house?: null | components["schemas"]["ForecastDefaults"];
            /** @default EUR */
            currency: string;
        };
        /** @description Numbers of the house for leaving or taking. */
        ForecastDefaults: {
            /** Format: double */
            years?: number;
            /**
             * Format: double
             * @description Yearly chance of failing at a score of 100; falls with the square of the score. A guess: half of a family known as bad is gone within two years of being looked at.
             */
            yearlyAtFullScore?: number;
            /**
             * Format: double
             * @description What an hour is worth, in the workshop's currency.
             */
            hourWorth?: number;
            /**
             * Format: double
             * @description Hours when one fails later: found, taken apart again, exchanged, and what it ate put right.
             */
            failureHours?: number;
            /**
             * Format: double
             * @description Hours to take the machine apart once more, shared by all that fail in that time.
             */
            openingHours?: number;
            /** Format: double */
            minutesEach?: number;
            /**
             * Format: double
             * @description Hours to mend one lifted pad.
             */
            padHours?: number;
        };
        ForecastPart: {
            designator: string;
            kind: components["schemas"]["CapacitorKind"];
            /**
             * Format: double
             * @description From CapacitorRisk.
             */
            riskScore: number;
            /** @description Under the evidence school. */
            comesOutNow: boolean;
            /**
             * @description Whatever it measures.
             * @default false
             */
            mustGo: boolean;
            /** @default false */
            weeping: boolean;
            /**
             * Format: double
             * @default 0.4
             */
            price: number;
        };
        ForecastRow: {
            designator: string;
            /**
             * Format: double
             * @description Chance that it fails within the years.
             */
            failShare: number;
            /**
             * Format: double
             * @description Expected cost of leaving it.
             */
            leaveCost: number;
            /**
             * Format: double
             * @description Part, time and the risk of a pad.
             */
            takeCost: number;
            /**
             * Format: double
             * @description Chance that a pad lifts.
             */
            padRisk: number;
            comesOutNow: boolean;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A name that somebody bore, and until when: work of that time is theirs. */
        FormerName: {
            name: string;
            /** Format: date-time */
            until: string;
        };
        Found: {
            kind: string;
            title: string;
            detail: string;
            path: string;
        };
        /** @description One item as it was found, with what says so. */
        FoundItem: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            slot?: string;
            /** @description What is there now; empty when it is not there. */
            what?: string;
            /** @description Plainly absent: its place is empty. */
            absent?: boolean;
            /** @description YYWW, WWYY or YWW as printed; empty when none was read. */
            dateCode?: string;
            /** @description What else says so: a label, a maker's sticker, other screws. */
            evidence?: string;
            saidFate?: null | components["schemas"]["ItemFate"];
            /** Format: int32 */
            version?: number;
        };
        FoundItemAsk: {
            slot: string;
            /** @default  */
            what: string;
            /** @default false */
            absent: boolean;
            /** @default  */
            dateCode: string;
            saidFate?: null | components["schemas"]["ItemFate"];
        };
        FoundItemEdit: {
            slot: string;
            what: string;
            absent: boolean;
            dateCode: string;
            evidence: string;
            saidFate: null | components["schemas"]["ItemFate"];
        };
        FromDrawer: {
            /** Format: uuid */
            capacitorId: string;
            /** Format: uuid */
            machineId: string;
            for: string;
            /** Format: uuid */
            partId: string;
            /** @description Of the drawer part. */
            name: string;
            place: string;
        };
        GapAsk: {
            part: components["schemas"]["HotPartFacts"];
            /** @default the part */
            name: string;
            house?: null | components["schemas"]["ThermalDefaults"];
        };
        /** @enum {string} */
        GapFiller: "paste" | "putty" | "pad" | null;
        GapOption: {
            filler: components["schemas"]["GapFiller"];
            name: string;
            /**
             * Format: double
             * @description Thickness to buy (pad) or film that it makes (paste, putty).
             */
            millimetres: null | number;
            /**
             * Format: double
             * @description P·t/(k·A).
             */
            dropKelvin: null | number;
            /** @description How much of it. */
            amount: string;
            verdict: components["schemas"]["Verdict"];
        };
        GapResult: {
            gapMillimetres: null | components["schemas"]["Estimate"];
            options: components["schemas"]["GapOption"][];
            verdict: components["schemas"]["Verdict"];
            house: components["schemas"]["ThermalDefaults"];
        };
        GoOnAsk: {
            /** Format: double */
            spent: number;
            expectation: components["schemas"]["Expectation"];
            /**
             * Format: double
             * @description What this decision would cost; 0 when left out.
             * @default 0
             */
            next: number;
            /** @default EUR */
            currency: string;
            /**
             * Format: double
             * @default 1
             */
            stopLossShare: number;
        };
        GoOnResult: {
            verdict: components["schemas"]["Verdict"];
            /**
             * Format: double
             * @description Paid and spent so far.
             */
            spent: number;
            atTheEnd: null | components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description The sum at which going on costs more than a complete one; null when neither is known.
             */
            stopLoss: null | number;
            /**
             * Format: double
             * @description Stop-loss minus spent; negative when it is passed.
             */
            left: null | number;
        };
        GroupChance: {
            name: string;
            /**
             * Format: double
             * @description That all of it is ready by its day.
             */
            chance: number;
            /**
             * Format: int32
             * @description Half of the runs are ready by then; null where fewer are at all.
             */
            readyAt: null | number;
        };
        HandOverAsk: {
            overruleReason: null | string;
        };
        HandoverScreen: {
            writeUp: components["schemas"]["WriteUp"];
            /** @description May it be handed over? */
            ready: components["schemas"]["Verdict"];
            /** Format: date-time */
            handedOverAt: null | string;
        };
        /** @description A wait without hands: drying, soaking, curing, the sun. */
        HandsOff: {
            stage: components["schemas"]["Stage"];
            /** @description Beneath its basin: "in the sun". */
            for: string;
            /** @description What is done when it is over, as an order. */
            then: string;
            /**
             * Format: date-time
             * @description Null where nobody knows.
             */
            until: null | string;
            /**
             * @description It is a listed piece of work's, and told by that.
             * @default false
             */
            listed: boolean;
        };
        HeatAsk: {
            before: components["schemas"]["HeatReading"][];
            after: components["schemas"]["HeatReading"][];
            /** @default the part */
            name: string;
            /** @default false */
            sameLoad: boolean;
            /**
             * Format: double
             * @default 0.5
             */
            resolutionKelvin: number;
        };
        HeatComparison: {
            before: null | components["schemas"]["Series"];
            after: null | components["schemas"]["Series"];
            /**
             * Format: double
             * @description Median before minus median after.
             */
            savedKelvin: null | number;
            /** Format: double */
            probability: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description One temperature with the room's at that moment, °C. */
        HeatReading: {
            /** Format: double */
            celsius: number;
            /** Format: double */
            roomCelsius: number;
        };
        HeatReadingAsk: {
            /** @description False for before the work. */
            after: boolean;
            /** @description Of the part, one or more. */
            celsius: number[];
            /** @description Of the room beside each; one for all of them will do. */
            roomCelsius: number[];
            source: string;
        };
        /**
         * @description What may be on a part and does not bear every warmth.
         * @enum {string}
         */
        HeatShy: "notKnown" | "abs" | "polystyrene" | "polycarbonate" | "acrylic" | "nylon" | "paperLabel" | "foilLabel" | "adhesive" | "foam" | "softTouch" | "membrane" | "electrolytics" | "cell" | "liquidCrystalPanel" | "pictureTube" | "disk" | "bareBoard" | "metal" | "wood";
        HoldAsk: {
            /** Format: double */
            holdMicrofarads: number;
            /** Format: double */
            fromVolts: number;
            /** Format: double */
            leastVolts: number;
            /** Format: double */
            drainMicroamps: number;
        };
        HoldTimeResult: {
            /**
             * Format: double
             * @description Likely.
             */
            seconds: number;
            /**
             * Format: double
             * @description With the capacitor at the low end of its tolerance and the greatest drain.
             */
            atLeastSeconds: number;
            verdict: components["schemas"]["Verdict"];
        };
        HotFittedAsk: {
            filler: components["schemas"]["GapFiller"];
            /** @description Needed for a choice that the gap refuses. */
            overruleReason?: null | string;
        };
        /** @description A hot part of one machine. Temperatures hang on it as readings: channels "before" and "after", with the room's beside each as "before room" and "after room". */
        HotPart: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /**
             * Format: uuid
             * @description Null for a part off any board: a supply, a drive.
             */
            boardId?: null | string;
            name?: string;
            side?: components["schemas"]["Side"];
            /** Format: double */
            x?: null | number;
            /** Format: double */
            y?: null | number;
            facts?: components["schemas"]["HotPartFacts"];
            fitted?: null | components["schemas"]["GapFiller"];
            /** Format: date-time */
            fittedAt?: null | string;
            /** @description The work that the machine did while it was read, so that both are the same. */
            load?: string;
            fan?: null | components["schemas"]["FanFacts"];
            /** Format: int32 */
            version?: number;
        };
        HotPartEdit: {
            /** Format: uuid */
            boardId: null | string;
            name: string;
            side: components["schemas"]["Side"];
            /** Format: double */
            x: null | number;
            /** Format: double */
            y: null | number;
            facts: components["schemas"]["HotPartFacts"];
            load: string;
            fan: null | components["schemas"]["FanFacts"];
        };
        /** @description A hot part and what sits on it. */
        HotPartFacts: {
            /**
             * Format: double
             * @description That it turns to heat; null when nobody knows, as of most chips at a bench.
             */
            watts?: null | number;
            /**
             * Format: double
             * @description Of the face that touches, mm²; null when it was not measured.
             */
            squareMillimetres?: null | number;
            gapMillimetres?: null | components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description Thickness of the pad that came out, as it lay, measured; its dent where it was pressed. Null when it was none.
             */
            oldPadMillimetres?: null | number;
            /** @description Silicon without a lid. */
            bareDie?: boolean;
        };
        HotRow: {
            part: components["schemas"]["HotPart"];
            gap: components["schemas"]["GapResult"];
            heat: components["schemas"]["HeatComparison"];
            fan: null | components["schemas"]["Verdict"];
            /** Format: int32 */
            before: number;
            /** Format: int32 */
            after: number;
            open: string;
        };
        HttpValidationProblemDetails: {
            type?: null | string;
            title?: null | string;
            /** Format: int32 */
            status?: null | number;
            detail?: null | string;
            instance?: null | string;
            errors?: {
                [key: string]: string[];
            };
        };
        Imported: {
            /** Format: uuid */
            machineId: string;
            sentence: string;
        };
        /**
         * @description What a value was read with, as far as it decides what the value can tell.
         * @default notKnown
         * @enum {string}
         */
        Instrument: "notKnown" | "multimeter" | "oscilloscope" | "fourWire" | "zeroedLeads" | "esrMeter";
        IsDryAsk: {
            /**
             * Format: double
             * @description That its kind needs.
             */
            leastHours: number;
            /**
             * Format: double
             * @description That it has dried.
             */
            hours: number;
            weighings?: null | components["schemas"]["Weighing"][];
            /**
             * Format: double
             * @description Least step of the scale.
             * @default 1
             */
            scaleGrams: number;
            /**
             * @description It takes the mains, or sits in a supply.
             * @default notKnown
             * @enum {string}
             */
            mains: "notKnown" | "yes" | "no";
        };
        /**
         * @description What became of one item since the machine left the factory.
         * @enum {string}
         */
        ItemFate: "notKnown" | "original" | "swappedInPeriod" | "swappedLater" | "added" | "missing";
        ItemVerdict: {
            /** Format: uuid */
            id: null | string;
            /** @description The item. */
            slot: string;
            /** @description What the best configuration has there; empty when it has nothing. */
            shipped: string;
            /** @description What is there; empty when nothing was recorded or it is absent. */
            found: string;
            fate: components["schemas"]["ItemFate"];
            date: null | components["schemas"]["DateCodeResult"];
            /** @description Why. */
            sentence: string;
            founded: components["schemas"]["Basis"];
            /** @description A person decided it. */
            said: boolean;
        };
        /** @description One piece of work on one machine. */
        Job: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            stage?: components["schemas"]["Stage"];
            /** @description What the hand does, as an order: "Rinse the memory corner". */
            title?: string;
            /** @description Why it matters now; one sentence. */
            why?: string;
            /** @description What it needs on the bench. */
            needs?: string;
            /**
             * Format: int32
             * @description Hands-on minutes, likely.
             */
            minutes?: number;
            state?: components["schemas"]["JobState"];
            /** @description "drying at 40 °C"; empty unless waiting. */
            waitsFor?: string;
            /** Format: date-time */
            waitUntil?: null | string;
            /** @description Jobs, on any machine, that must be done first. */
            after?: string[];
            /** Format: date-time */
            at?: string;
            /** Format: date-time */
            doneAt?: null | string;
            /**
             * Format: uuid
             * @description The finding that made this work; null when a person added it.
             */
            findingId?: null | string;
            /** @description Doing it deals with that finding. */
            settles?: boolean;
            /** @description Who may do it: by the rule that made it, or as somebody said who typed it. */
            for?: components["schemas"]["WorkFor"];
            /**
             * Format: uuid
             * @description The part, area or piece that it is about; null when it is about none in particular.
             */
            subjectId?: null | string;
            /**
             * Format: uuid
             * @description The order in the post that it waits for; null when it waits for none.
             */
            orderId?: null | string;
            /** Format: int32 */
            version?: number;
        };
        JobEdit: {
            stage: components["schemas"]["Stage"];
            title: string;
            why: string;
            needs: string;
            /** Format: int32 */
            minutes: number;
            after: string[];
            for?: components["schemas"]["WorkFor"];
        };
        JobMove: {
            /** @description done, toDo again, or waiting. */
            state: components["schemas"]["JobState"];
            /** @description Needed when waiting. */
            waitsFor: null | string;
            /** Format: date-time */
            waitUntil: null | string;
        };
        /** @enum {string} */
        JobState: "toDo" | "waiting" | "done";
        /** @enum {string} */
        Joined: "parallel" | "series";
        /** @description One joint as it was counted on the photo. */
        JointMark: {
            /**
             * Format: double
             * @description Share of the photo's width.
             */
            x: number;
            /**
             * Format: double
             * @description Share of its height.
             */
            y: number;
            /**
             * @description Wetted all round, and no more solder than it needs.
             * @default true
             */
            good: boolean;
        };
        JointSettings: {
            tool: components["schemas"]["SolderTool"];
            /**
             * Format: int32
             * @description At the tip.
             */
            celsius: number;
            /**
             * Format: double
             * @description On one joint; longer lifts the pad.
             */
            dwellSeconds: number;
            how: string;
        };
        JointsAnswer: {
            /**
             * Format: int32
             * @description Pairs of pins that lie beside one another.
             */
            neighbours: number;
            verdict: components["schemas"]["Verdict"];
        };
        JointsAsk: {
            kind: components["schemas"]["SolderedKind"];
            /** Format: int32 */
            pins: number;
            /**
             * Format: int32
             * @default 1
             */
            rows: number;
            /**
             * Format: int32
             * @default 0
             */
            counted: number;
            /**
             * Format: int32
             * @default 0
             */
            bad: number;
            /** Format: int32 */
            measured?: null | number;
            bridged?: null | string[];
            /** @default the part */
            name: string;
        };
        JudgeAnswer: {
            verdict: components["schemas"]["Verdict"];
            /**
             * Format: double
             * @description At the readings' test frequency; null when nothing gives one.
             */
            esrLimitOhms: null | number;
            /** Format: double */
            tanDelta: null | number;
            limits: components["schemas"]["CapacitorLimits"];
        };
        JudgeAsk: {
            spec: components["schemas"]["CapacitorSpec"];
            readings: components["schemas"]["CapacitorReadings"];
            signs?: null | components["schemas"]["CapacitorSign"][];
            /** @default C1 */
            designator: string;
            limits?: null | components["schemas"]["CapacitorLimits"];
        };
        JumperAsk: {
            trace: components["schemas"]["TraceFacts"];
            /** @default the net */
            net: string;
            /**
             * Format: double
             * @default 10
             */
            riseKelvin: number;
            /**
             * Format: double
             * @default 50
             */
            mostDropMillivolts: number;
        };
        JumperResult: {
            chosen: null | components["schemas"]["JumperWire"];
            wires: components["schemas"]["JumperWire"][];
            /** Format: double */
            amps: number;
            /** Format: double */
            traceAmps: number;
            route: string[];
            verdict: components["schemas"]["Verdict"];
        };
        JumperWire: {
            /**
             * Format: int32
             * @description Gauge number.
             */
            awg: number;
            /**
             * Format: double
             * @description Of the bare copper.
             */
            diameterMillimetres: number;
            /**
             * Format: double
             * @description Of the length asked for.
             */
            ohms: number;
            /**
             * Format: double
             * @description At the current.
             */
            dropMillivolts: number;
            /**
             * Format: double
             * @description The lesser of IPC-2221 for that section, outside, at the rise allowed, and of usual chassis wiring.
             */
            mostAmps: number;
            enough: boolean;
        };
        KeepPlanAsk: {
            profileId: string;
            name: string;
        };
        /**
         * @description What a cell keeps alive.
         * @enum {string}
         */
        KeptData: "nothing" | "clock" | "settings" | "userData" | "notKnown";
        KeptMove: {
            id: string;
            /** Format: uuid */
            machineId: string;
            machine: string;
            title: string;
            /**
             * Format: date-time
             * @description Where it stood; null for not at all.
             */
            from: null | string;
            /**
             * Format: date-time
             * @description Null for nowhere.
             */
            to: null | string;
            personBefore: string;
            person: string;
            why: string;
            /**
             * Format: date-time
             * @description When the plan was made in which it moved.
             */
            at: string;
        };
        /** @description The plan that everybody sees, with instants in place of minutes. Computed, and kept while nothing changes. */
        KeptPlan: {
            /** Format: date-time */
            start: string;
            tasks: components["schemas"]["KeptTask"][];
            unplanned: components["schemas"]["KeptUnplanned"][];
            /** Format: date-time */
            readyAt: null | string;
            /** Format: date-time */
            bound: null | string;
            /**
             * Format: double
             * @description Of the latest readiness over what no plan can beat, as a share; null where nothing is planned.
             */
            gap: null | number;
            /**
             * Format: int32
             * @description Over the machines' days, summed.
             */
            lateMinutes: number;
            proven: boolean;
            moves: components["schemas"]["KeptMove"][];
            /** @description What it supposes, whole sentences. */
            said: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description One piece of work with its place in the plan. */
        KeptTask: {
            /** @description In the plan; string KeptTask.Key on its machine. */
            id: string;
            /** Format: uuid */
            machineId: string;
            machine: string;
            key: string;
            title: string;
            person: string;
            /** Format: date-time */
            start: string;
            /** Format: date-time */
            end: string;
            /**
             * Format: date-time
             * @description When its wait is over too.
             */
            readyAt: string;
            /** @description Laid down by a person, or begun. */
            pinned: boolean;
            work: components["schemas"]["WorkTask"];
        };
        KeptUnplanned: {
            id: string;
            /** Format: uuid */
            machineId: string;
            machine: string;
            key: string;
            title: string;
            why: string;
        };
        KeyRow: {
            key: string;
            next: null | components["schemas"]["KeyRung"];
            words: string;
        };
        /**
         * @description What is cleaned or mended under a key, in this order.
         * @enum {string}
         */
        KeyRung: "cap" | "plunger" | "contact" | "membrane" | "foil";
        /**
         * @description What makes a key's contact.
         * @enum {string}
         */
        KeySwitch: "notKnown" | "membrane" | "contacts" | "foilOnFoam" | "rubberPill" | "magnet";
        /** @enum {string} */
        KeyTrouble: "none" | "sticks" | "dead" | "bounces";
        KeyTry: {
            rung: components["schemas"]["KeyRung"];
            /** @description The key works again. */
            helped: boolean;
        };
        /** @description A keyboard: a photo that became a map of its caps, and what each of them came to. */
        Keyboard: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            name?: string;
            /**
             * Format: uuid
             * @description The piece of the strip-down or the finding that it was put down for.
             */
            fromId?: null | string;
            switch?: components["schemas"]["KeySwitch"];
            /**
             * Format: uuid
             * @description The photo as taken, before any cap came off.
             */
            photoId?: null | string;
            /**
             * Format: uuid
             * @description The same, seen from straight above.
             */
            pictureId?: null | string;
            layout?: string;
            /** @description Of the keys: top left, top right, bottom right, bottom left, as shares of the photo. */
            corners?: components["schemas"]["Point"][];
            caps?: components["schemas"]["Cap"][];
            /**
             * Format: uuid
             * @description The caps as a cleaned item: washed by the ladder, and dry before they go back.
             */
            itemId?: null | string;
            /** Format: int32 */
            version?: number;
        };
        KeyboardEdit: {
            name: string;
            switch?: components["schemas"]["KeySwitch"];
            /**
             * Format: uuid
             * @description The piece that it was put down for.
             */
            fromId?: null | string;
        };
        KeyboardRow: {
            keyboard: components["schemas"]["Keyboard"];
            layouts: components["schemas"]["LayoutRow"][];
            troubled: components["schemas"]["KeyRow"][];
            verdict: components["schemas"]["Verdict"];
            wet: boolean;
            washed: boolean;
            photoHash: null | string;
            pictureHash: null | string;
            /** Format: int32 */
            pictureWidth: number;
            /** Format: int32 */
            pictureHeight: number;
        };
        KindHours: {
            /** @description At the bench, from arrival to handover. */
            hours: components["schemas"]["Estimate"];
            /**
             * Format: int32
             * @description Machines finished here that it comes from; 0 where it is the pack's.
             */
            fromOwn: number;
        };
        KindLikelihood: {
            trait: components["schemas"]["Trait"];
            how: components["schemas"]["Likelihood"];
            /**
             * Format: int32
             * @description First year of manufacture of which this holds; null for every year of the kind.
             */
            from?: null | number;
            /**
             * Format: int32
             * @description Last year; counts.
             */
            to?: null | number;
        };
        /** @description What is usually true of a kind of machine, whoever made it. Everything in it is a likelihood. */
        KindProfile: {
            id?: string;
            name?: string;
            /**
             * Format: int32
             * @description Years of manufacture of the kind, not of a machine.
             */
            yearFrom?: null | number;
            /** Format: int32 */
            yearTo?: null | number;
            class?: components["schemas"]["MachineClass"];
            likely?: components["schemas"]["KindLikelihood"][];
            /** @description Rails that its supply usually has; empty for those that its class has. */
            rails?: components["schemas"]["RailReading"][];
            /** @description Known traps, a sentence each. */
            watch?: string[];
            usual?: components["schemas"]["KindUsual"];
            cell?: null | components["schemas"]["CellSite"];
            hours?: null | components["schemas"]["Estimate"];
            /** @description Usual order of apart, outermost first. */
            apart?: string[];
        };
        /** @description What is usual of a kind, in words; empty where there is nothing to say. */
        KindUsual: {
            /** @default  */
            cell: string;
            /** @default  */
            capacitors: string;
            /** @default  */
            supply: string;
            /** @default  */
            memory: string;
            /** @default  */
            storage: string;
            /** @default  */
            display: string;
            /** @default  */
            case: string;
            /** @default  */
            fasteners: string;
        };
        /** @description A length known on the board, such as the distance of two mounting holes. */
        KnownLength: {
            from: components["schemas"]["Point"];
            to: components["schemas"]["Point"];
            /** Format: double */
            millimetres: number;
        };
        /**
         * @description What is known of it working.
         * @enum {string}
         */
        KnownWorking: "notKnown" | "seenHere" | "said" | "knownBroken";
        /** @description CIELAB under D65, 2° observer. */
        Lab: {
            /**
             * Format: double
             * @description Lightness, 0 to 100.
             */
            l?: number;
            /**
             * Format: double
             * @description Green to red.
             */
            a?: number;
            /**
             * Format: double
             * @description Blue to yellow: what an aged case gains.
             */
            b?: number;
        };
        LabAnswer: {
            lab: components["schemas"]["Lab"];
            /** Format: double */
            yellowness: null | number;
            sentence: string;
        };
        LabAsk: {
            /**
             * Format: double
             * @description 0 to 255, as in the photo; the same of green and blue.
             */
            red: number;
            /** Format: double */
            green: number;
            /** Format: double */
            blue: number;
        };
        /** @enum {string} */
        Lacquer: "notKnown" | "none" | "old" | "fresh";
        LacquerAsk: {
            lacquer: components["schemas"]["Lacquer"];
            /**
             * Format: double
             * @description Since a fresh coat was put on; null when nobody knows.
             */
            hoursSince?: null | number;
            /**
             * Format: double
             * @description By the can; 24 unless said.
             */
            cureHours?: null | number;
            /** @default the part */
            name: string;
        };
        LadderResult: {
            rungs: components["schemas"]["Rung"][];
            /**
             * Format: double
             * @description Of what was there at the start.
             */
            leftShare: number;
            /** @description Method; null where one stops. */
            next: null | string;
            /** @description What is done before. */
            before: string[];
            /** @description What the step leaves, and so the next task; empty for nothing. */
            then: string;
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description When a machine was last seen running. What nobody has said counts as never.
         * @enum {string}
         */
        LastRan: "notKnown" | "never" | "forSomebody" | "here";
        /**
         * @description What holds a module in its socket. Not known is 0, and is not taken for firm.
         * @enum {string}
         */
        Latch: "notKnown" | "none" | "firm" | "weak";
        LayKeysAsk: {
            /** Format: uuid */
            photoId: string;
            layout: string;
            /** @description Of the keys: top left and on with the clock, as shares of the photo. */
            corners: components["schemas"]["Point"][];
            overruleReason?: null | string;
        };
        LayoutRow: {
            id: string;
            name: string;
            /** Format: int32 */
            keys: number;
        };
        /**
         * @description What leaks out of a cell, and so what neutralises it.
         * @enum {string}
         */
        LeakReaction: "none" | "alkaline" | "acid";
        /**
         * @description What leaked; it decides the reaction of what it left.
         * @enum {string}
         */
        LeakSource: "notKnown" | "nickelCell" | "alkalineCell" | "zincCarbonCell" | "leadAcidCell" | "capacitorElectrolyte" | "saltWater" | "thionylCell";
        /** @description A danger that was noted, whose entry is gone, and that nobody has dealt with. */
        LeftBehindRow: {
            /** Format: uuid */
            id: string;
            sentence: string;
            why: string;
            /** Format: date-time */
            since: null | string;
        };
        /**
         * @description What is missing while it runs in pieces.
         * @enum {string}
         */
        LeftOff: "shield" | "earthClip" | "fan" | "heatsink" | "mainsCover";
        LifeAnswer: {
            /** Format: double */
            hours: number;
            /** Format: double */
            years: number;
            sentence: string;
        };
        LifeAsk: {
            /** Format: double */
            ratedHours: number;
            /** Format: double */
            ratedCelsius: number;
            /** Format: double */
            workingCelsius: number;
        };
        /**
         * @description How often something is in machines of a kind. Never a fact about the one in hand.
         * @enum {string}
         */
        Likelihood: "usual" | "sometimes" | "rare";
        ListAsk: {
            /** @description Pieces that came off and findings, as the screen offers them; what is on the list already is left as it is. */
            from: string[];
        };
        LoadAsk: {
            load: string;
            /**
             * Format: double
             * @description Since when it has been on it; 0 is now.
             * @default 0
             */
            minutesAgo: number;
        };
        LoadResistorAsk: {
            /**
             * Format: double
             * @description Of the rail, nominal.
             */
            volts: number;
            /**
             * Format: double
             * @description That the rail is to give.
             */
            amps: number;
        };
        LoadResistorResult: {
            /**
             * Format: double
             * @description Of the next value that is made, which draws no more than was asked.
             */
            ohms: number;
            /**
             * Format: double
             * @description That it draws.
             */
            amps: number;
            /**
             * Format: double
             * @description That it turns to heat.
             */
            watts: number;
            /**
             * Format: double
             * @description What it is bought for.
             */
            ratedWatts: number;
            verdict: components["schemas"]["Verdict"];
        };
        LockAsk: {
            lock: components["schemas"]["BoxLock"];
        };
        LogNote: {
            /** @description Kept as it is. */
            text: string;
        };
        LogRow: {
            /** Format: uuid */
            id: string;
            /** Format: date-time */
            at: string;
            sentence: string;
            canUndo: boolean;
            undone: boolean;
            by: string;
        };
        LookAgainAsk: {
            /** @description What is there now. */
            saw: string;
        };
        /** @enum {string} */
        LookAnswer: "notLooked" | "sound" | "bad" | "cannotTell" | "notHere";
        LookedAsk: {
            right: boolean;
        };
        LookedOver: {
            /** @description Why places that nobody has looked at are left out; null when there are none. */
            without?: null | string;
        };
        /** @description One link of a contradiction: Piece is said to sit behind InFront. */
        LoopLink: {
            piece: string;
            /** Format: int32 */
            number: number;
            inFront: string;
            /** Format: int32 */
            inFrontNumber: number;
            /** @description What to look at and correct. */
            correct: string;
        };
        LotAdd: {
            name: string;
            cameFrom: string;
            /** Format: double */
            paid: null | number;
            claimed: string;
        };
        /** @description One box of a lot, as it was opened on the floor. */
        LotBox: {
            /** Format: uuid */
            id?: string;
            /**
             * Format: uuid
             * @description The lot.
             */
            machineId?: string;
            /**
             * Format: int32
             * @description As chalked on it: 1, 2, 3.
             */
            number?: number;
            name?: string;
            /** @description What it is, in a few words. */
            kind?: string;
            /** @description A machine profile, when it is one of a kind that is known here. */
            profileId?: string;
            note?: string;
            parts?: components["schemas"]["BoxPart"][];
            money?: components["schemas"]["Estimate"];
            hours?: components["schemas"]["Estimate"];
            /** Format: double */
            complete?: null | number;
            /** Format: double */
            worth?: number;
            lock?: components["schemas"]["BoxLock"];
            /** Format: uuid */
            photoId?: null | string;
            /**
             * Format: uuid
             * @description The machine or donor that it became.
             */
            becameId?: null | string;
            /** Format: int32 */
            version?: number;
        };
        LotBoxEdit: {
            name: string;
            kind: string;
            profileId: string;
            note: string;
            parts: components["schemas"]["BoxPart"][];
            money: components["schemas"]["Estimate"];
            hours: components["schemas"]["Estimate"];
            /** Format: double */
            complete: null | number;
            /** Format: double */
            worth: number;
            lock: components["schemas"]["BoxLock"];
            /** Format: uuid */
            photoId: null | string;
        };
        LotBoxRow: {
            box: components["schemas"]["LotBox"];
            photoHash: null | string;
        };
        LotEdit: {
            /** Format: double */
            budgetMoney: number;
            /** Format: double */
            budgetHours: number;
            aim: components["schemas"]["TriageAim"];
            prices: components["schemas"]["PartPrice"][];
        };
        /** @description What a lot is sorted by. */
        LotPlan: {
            /**
             * Format: double
             * @description In the workshop's currency.
             */
            budgetMoney?: number;
            /** Format: double */
            budgetHours?: number;
            aim?: components["schemas"]["TriageAim"];
            prices?: components["schemas"]["PartPrice"][];
            /** Format: date-time */
            sortedAt?: null | string;
        };
        LotScreen: {
            lot: components["schemas"]["LotPlan"];
            /** Format: int32 */
            version: number;
            boxes: components["schemas"]["LotBoxRow"][];
            plan: null | components["schemas"]["TriagePlan"];
            problem: null | string;
            currency: string;
            partKinds: string[];
        };
        LubricantAsk: {
            where: components["schemas"]["Sliding"];
            /** @description What is at hand; not known for which it should be. */
            with?: components["schemas"]["LubricantKind"];
        };
        /** @enum {string} */
        LubricantKind: "notKnown" | "none" | "lightOil" | "sleeveOil" | "lithiumGrease" | "plasticSafeGrease" | "siliconeGrease" | "spray";
        LubricantResult: {
            /** @description Best first; empty where none may go. */
            use: components["schemas"]["LubricantKind"][];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A machine in the workshop, from the box it came in to the sheet that leaves with it. */
        Machine: {
            /** Format: uuid */
            id?: string;
            /** @description What it is called here. */
            name?: string;
            /** @description What it is, in a few words: "rugged laptop". */
            kind?: string;
            /** @description Maker and model as printed; may be empty. */
            model?: string;
            class?: components["schemas"]["MachineClass"];
            /**
             * Format: int32
             * @description First year that it can be from.
             */
            yearFrom?: null | number;
            /**
             * Format: int32
             * @description Last year; counts.
             */
            yearTo?: null | number;
            traits?: components["schemas"]["Trait"][];
            /** @description The kind of a pack that it is one of; empty where nobody chose one. */
            kindId?: string;
            /** @description What may be in it because it is so in its kind, and nobody has looked yet. */
            possible?: components["schemas"]["Possible"][];
            /** @description What somebody looked for and did not find. */
            absent?: components["schemas"]["Trait"][];
            /** @description Does it take a mains lead? Asked at take-in; what nobody has answered counts as yes (Hazards). */
            mainsLead?: components["schemas"]["ThreeState"];
            /** @description Is there a picture tube in it? */
            tube?: components["schemas"]["ThreeState"];
            /** @description Is there a battery or cell in it? */
            battery?: components["schemas"]["ThreeState"];
            cameFrom?: string;
            /**
             * Format: double
             * @description What was paid, in the workshop's currency; null when not known, 0 when given.
             */
            paid?: null | number;
            /** @description What the seller or giver said of it. */
            claimed?: string;
            /** @description When it was last seen running. */
            ran?: components["schemas"]["LastRan"];
            /** @description Whose word that is, or what was seen when it ran here. */
            ranWord?: string;
            /**
             * Format: date-time
             * @description When that was said; it counts while nothing of the machine has changed since.
             */
            ranAt?: null | string;
            recapSchool?: components["schemas"]["RecapPolicy"];
            restorationSchool?: components["schemas"]["RestorationPolicy"];
            /** @description What is done about the colour of its age. */
            colourPolicy?: components["schemas"]["ColourPolicy"];
            /** @description Rails of its supply; volts in them are nominal only. */
            rails?: components["schemas"]["RailReading"][];
            /** @description What finishing is expected to cost, what a complete one costs, and where to stop. */
            expectation?: components["schemas"]["Expectation"];
            lot?: null | components["schemas"]["LotPlan"];
            /** @description A donor: kept for its parts. */
            donor?: boolean;
            /** Format: date-time */
            arrivedAt?: string;
            /** Format: date-time */
            surveyedAt?: null | string;
            /** Format: date-time */
            handedOverAt?: null | string;
            /** @description Whose it is; empty for the workshop's own. */
            owner?: string;
            /**
             * Format: date
             * @description When it goes back, or has to be ready; null takes the workshop's day.
             */
            dueOn?: null | string;
            /**
             * Format: date-time
             * @description Set aside with its reason: it neither nags nor counts until something wakes it.
             */
            parkedAt?: null | string;
            parkedWhy?: string;
            /**
             * Format: date
             * @description The day that wakes it; null for none.
             */
            wakesOn?: null | string;
            /** @description The part that wakes it once one is in the store; empty for none. */
            wakesFor?: string;
            /**
             * Format: double
             * @description What that part, or a complete machine where none is named, may cost at most for it to wake, in the workshop's currency; null where no price wakes it.
             */
            wakesBelow?: null | number;
            /**
             * Format: double
             * @description The lowest that it was seen for since it was set aside; null where nobody has looked.
             */
            seenFor?: null | number;
            /**
             * Format: date-time
             * @description Taken off the workshop's list; everything about it is kept.
             */
            removedAt?: null | string;
            /** Format: int32 */
            version?: number;
        };
        /** @description The cell of one machine: the site, what was chosen for it and what has been done. */
        MachineCell: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            place?: string;
            site?: components["schemas"]["CellSite"];
            chosen?: null | components["schemas"]["ReplacementKind"];
            /** Format: date-time */
            oldOutAt?: null | string;
            /** Format: date-time */
            fittedAt?: null | string;
            /** Format: date */
            nextCheck?: null | string;
            /**
             * Format: uuid
             * @description Where it sits on a board's front, as shares of its picture; null when not marked.
             */
            boardId?: null | string;
            /** Format: double */
            x?: null | number;
            /** Format: double */
            y?: null | number;
            /** Format: int32 */
            version?: number;
        };
        /**
         * @description What the processor can do, which decides what fits and what runs.
         * @enum {string}
         */
        MachineClass: "unknown" | "eightBit" | "sixteenBit" | "level286" | "level386" | "level486" | "level586" | "level686" | "level68k" | "risc" | "pocket" | "terminal";
        /** @description A machine as typed. Everything but the name can come later. */
        MachineEdit: {
            name: string;
            kind: string;
            model: string;
            class: components["schemas"]["MachineClass"];
            /** Format: int32 */
            yearFrom: null | number;
            /** Format: int32 */
            yearTo: null | number;
            traits: components["schemas"]["Trait"][];
            cameFrom: string;
            /** Format: double */
            paid: null | number;
            claimed: string;
            recapSchool: components["schemas"]["RecapPolicy"];
            restorationSchool: components["schemas"]["RestorationPolicy"];
            /** @description A machine profile from a pack: brings its boards, cell and rails along. */
            profileId?: null | string;
            mainsLead?: components["schemas"]["ThreeState"];
            tube?: components["schemas"]["ThreeState"];
            battery?: components["schemas"]["ThreeState"];
            /** @description A kind from a pack: what is usual in it is looked for, and stands on the side of care until somebody has looked. Left out, the kind stays; empty, it is none. */
            kindId?: null | string;
        };
        MachineHead: {
            machine: components["schemas"]["Machine"];
            standing: components["schemas"]["MachineStatus"];
            boards: components["schemas"]["BoardRow"][];
            photos: components["schemas"]["PhotoRow"][];
            hasCell: boolean;
            /** @description Set when power is stopped: the sentence that says why. */
            stop: null | string;
            /** @description Go on, or stop: shown wherever something is spent. */
            money: components["schemas"]["GoOnResult"];
            currency: string;
            /** @description That stand by themselves; what nobody has excluded is among them. */
            cautions: components["schemas"]["CautionId"][];
            /** @description Nobody has said whether mains or a tube is in it. */
            unidentified: boolean;
        };
        MachineRow: {
            /** Format: uuid */
            id: string;
            name: string;
            kind: string;
            /** Format: int32 */
            year: null | number;
            tides: components["schemas"]["StageProgress"][];
            headline: string;
            detail: string;
            tone: components["schemas"]["StageState"];
            handedOver: boolean;
        };
        /** @description Where a machine stands: its tideline, its next act, and the two lines that say so. Computed, never typed. */
        MachineStatus: {
            tides: components["schemas"]["StageProgress"][];
            next: null | components["schemas"]["NextAct"];
            others: components["schemas"]["NextAct"][];
            /** @description Where its tide stands, in a few words. */
            headline: string;
            /** @description A second line. */
            detail: string;
            /** @description The state that the headline is coloured by. */
            tone: components["schemas"]["StageState"];
            /** Format: date-time */
            waitUntil: null | string;
            /**
             * Format: int32
             * @description Hands-on minutes of everything listed and not done.
             */
            handsMinutesLeft: number;
            /**
             * Format: date-time
             * @description Until when all of this stays true if nobody does anything: a wait ends, a day comes on which something is looked at again, or a year begins.
             */
            validUntil?: null | string;
            unlisted?: null | components["schemas"]["HandsOff"];
        };
        MaskAsk: {
            /** Format: double */
            squareCentimetres: number;
            atHand?: null | components["schemas"]["MaskKind"][];
            /** @default false */
            nearHeat: boolean;
        };
        /** @enum {string} */
        MaskKind: "uvMask" | "conformalLacquer" | "nailVarnish";
        MaskOption: {
            kind: components["schemas"]["MaskKind"];
            name: string;
            /** Format: int32 */
            coats: number;
            /**
             * Format: double
             * @description For both coats.
             */
            millilitres: number;
            /**
             * Format: int32
             * @description Until the next step; of the last coat.
             */
            cureMinutes: number;
            cure: string;
            verdict: components["schemas"]["Verdict"];
        };
        MatchAsk: {
            parts: components["schemas"]["MatchPart"][];
            /**
             * Format: double
             * @description ΔE00 by which one patch differs from photo to photo.
             * @default 1
             */
            noise: number;
        };
        MatchPair: {
            first: string;
            second: string;
            /**
             * Format: double
             * @description That the yellower of the two is whitened on, of full summer sun at 6 %; 0 as they are. Null where they never look alike.
             */
            hours: null | number;
            /** @description The one that is whitened; empty for none. */
            which: string;
            /**
             * Format: double
             * @description ΔE00 then, or now where they never do.
             */
            apart: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A part that may sit beside another. */
        MatchPart: {
            name?: string;
            colour?: components["schemas"]["Lab"];
            /** @description How it whitens, from its own readings; null takes what is usual, and is then a guess. */
            points?: components["schemas"]["WhiteningPoint"][];
            /** @description It may be whitened; a painted or printed part, or one whose policy is to leave it, may not. Not known counts as no. */
            whitens?: components["schemas"]["ThreeState"];
            /** @description Its holes, slots and edges are those of its place. */
            fits?: components["schemas"]["ThreeState"];
            /** @description A sample of paint; ThreeState MatchPart.Dried then says whether its test card has. */
            paint?: boolean;
            dried?: components["schemas"]["ThreeState"];
        };
        MatchResult: {
            /** @description The best first. */
            pairs: components["schemas"]["MatchPair"][];
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description What is cleaned is made of.
         * @enum {string}
         */
        Material: "notKnown" | "abs" | "polystyrene" | "polycarbonate" | "pcAbs" | "acrylic" | "nylon" | "platedSteel" | "bareSteel" | "aluminium" | "magnesium" | "zincDieCast" | "glass" | "coatedGlass" | "rubber" | "foam" | "wood" | "leatherLike" | "membrane" | "board" | "connector" | "switch" | "bearing";
        MeasureColourAsk: {
            kind: components["schemas"]["CardKind"];
            card: components["schemas"]["CardField"][];
            patches: components["schemas"]["ColourPatch"][];
            /** @description The places are clean and dry. */
            cleaned?: components["schemas"]["ThreeState"];
            /** @description b* of one patch in photos taken anew; null for what is usual. */
            repeats?: null | number[];
        };
        MeasurePhotoAsk: {
            /** Format: uuid */
            photoId: string;
            kind: components["schemas"]["CardKind"];
            card: components["schemas"]["TappedCard"][];
            patches: components["schemas"]["TappedPatch"][];
            /** @description The places are clean and dry. */
            cleaned?: components["schemas"]["ThreeState"];
            /**
             * @description A white bloom or streaks are seen.
             * @default false
             */
            bloom: boolean;
        };
        MeasuredPatch: {
            name: string;
            lab: components["schemas"]["Lab"];
            /**
             * Format: double
             * @description ASTM E313; null for black.
             */
            yellowness: null | number;
            unaged: boolean;
            /**
             * Format: double
             * @description ΔE00 from the spot that light never reached; null where none is given.
             */
            apart: null | number;
        };
        /** @description Something that moves, and is serviced. */
        Mechanism: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            name?: string;
            /**
             * Format: uuid
             * @description The piece of the strip-down or the finding that it was put down for.
             */
            fromId?: null | string;
            kind?: components["schemas"]["MechanismKind"];
            /**
             * Format: double
             * @description Turns a minute; null where nobody knows.
             */
            nominalRpm?: null | number;
            /** @description Not known counts as yes. */
            hasBelt?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description Once round the belt's path by a thread, mm.
             */
            beltPathMillimetres?: null | number;
            /** @description What its rails slide on. */
            rails?: components["schemas"]["Sliding"];
            /** @description There is something on it that must not be lost. Not known counts as yes. */
            holdsData?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description What it read before anything was done, for after: noise in dB, °C.
             */
            noiseBefore?: null | number;
            /** Format: double */
            celsiusBefore?: null | number;
            /** @description In order; a step done again takes the place of the one before. */
            done?: components["schemas"]["MechanismDone"][];
            /** Format: int32 */
            version?: number;
            next?: components["schemas"]["MechanismStep"];
        };
        MechanismDone: {
            step: components["schemas"]["MechanismStep"];
            /** Format: date-time */
            at: string;
            /**
             * Format: double
             * @description What was read: turns a minute, errors, dB, °C; null for a word.
             */
            value?: null | number;
            /** @default  */
            note: string;
        };
        MechanismEdit: {
            name: string;
            kind: components["schemas"]["MechanismKind"];
            /** Format: double */
            nominalRpm?: null | number;
            hasBelt?: components["schemas"]["ThreeState"];
            rails?: components["schemas"]["Sliding"];
            holdsData?: components["schemas"]["ThreeState"];
            /** Format: double */
            noiseBefore?: null | number;
            /** Format: double */
            celsiusBefore?: null | number;
            /**
             * Format: uuid
             * @description The piece that it was put down for.
             */
            fromId?: null | string;
        };
        /** @enum {string} */
        MechanismKind: "floppyDrive" | "hardDrive" | "opticalDrive" | "tapeDrive" | "printer" | "fan" | "hinge" | "latch" | "notKnown";
        MechanismRow: {
            mechanism: components["schemas"]["Mechanism"];
            verdict: components["schemas"]["Verdict"];
            steps: components["schemas"]["MechanismStepRow"][];
            belt: null | components["schemas"]["BeltResult"];
            /** @description What goes on what slides. */
            lubricant: components["schemas"]["LubricantResult"];
        };
        /** @enum {string} */
        MechanismStep: "photograph" | "copyFirst" | "outside" | "lookInside" | "oldGrease" | "heads" | "rollers" | "belt" | "rails" | "turnByHand" | "speed" | "firstRun" | "real" | "noise" | "temperature";
        MechanismStepAsk: {
            step: components["schemas"]["MechanismStep"];
            /** Format: double */
            value?: null | number;
            worthless?: components["schemas"]["ThreeState"];
            good?: components["schemas"]["ThreeState"];
            with?: components["schemas"]["LubricantKind"];
            /** @default  */
            note: string;
        };
        MechanismStepRow: {
            step: components["schemas"]["MechanismStep"];
            words: string;
            /** Format: date-time */
            at: null | string;
            /** Format: double */
            value: null | number;
        };
        /** @description One thing to be mended; what its kind does not ask is left. */
        MendFacts: {
            kind?: components["schemas"]["MendKind"];
            /** @description Of a button: what has been ruled out, in any order. */
            ruledOut?: components["schemas"]["ButtonCause"][];
            /**
             * Format: double
             * @description Of feet: how far the case is to stand off the table, mm; of foam: the gap that it fills.
             */
            gapMillimetres?: null | number;
            /**
             * Format: double
             * @description Of feet: across, mm.
             */
            diameterMillimetres?: null | number;
            /**
             * Format: double
             * @description Of the machine, kg; four feet share it.
             */
            kilograms?: null | number;
            /**
             * Format: double
             * @description Of foam: share that it is pressed together by; null takes 30 %.
             */
            compressionShare?: null | number;
            /** @description Of foam: it carries a weight or a board. Not known counts as yes. */
            bears?: components["schemas"]["ThreeState"];
            /** @description Of a sticker: it belongs to the machine's history. Not known counts as yes. */
            history?: components["schemas"]["ThreeState"];
            layer?: components["schemas"]["PanelLayer"];
        };
        /**
         * @description What is mended, where a rule says how.
         * @enum {string}
         */
        MendKind: "button" | "feet" | "foam" | "sticker" | "panelFault";
        MendResult: {
            /** @description In order; empty where it is left as it is. */
            steps: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description Something broken or worn in a case that a rule says how to mend: a crack, scratches, a button, feet, foam, a sticker, a speck in a panel. */
        Mending: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            name?: string;
            kind?: components["schemas"]["MendingKind"];
            /**
             * Format: uuid
             * @description The piece, the finding or the item that it was put down for.
             */
            fromId?: null | string;
            /** Format: uuid */
            photoId?: null | string;
            crack?: components["schemas"]["CrackFacts"];
            scratches?: components["schemas"]["PolishFacts"];
            /** @description Of all other kinds; its own kind follows MendingKind Mending.Kind. */
            other?: components["schemas"]["MendFacts"];
            sheet?: components["schemas"]["MendingSheet"];
            /** Format: int32 */
            version?: number;
        };
        MendingDone: {
            /** @description The step, as it was when it was done. */
            words: string;
            /** Format: date-time */
            at: string;
        };
        MendingEdit: {
            name: string;
            kind: components["schemas"]["MendingKind"];
            crack?: null | components["schemas"]["CrackFacts"];
            scratches?: null | components["schemas"]["PolishFacts"];
            other?: null | components["schemas"]["MendFacts"];
            /** Format: uuid */
            fromId?: null | string;
            /** Format: uuid */
            photoId?: null | string;
        };
        /**
         * @description What is mended.
         * @enum {string}
         */
        MendingKind: "crack" | "scratches" | "button" | "feet" | "foam" | "sticker" | "panelFault";
        MendingRow: {
            mending: components["schemas"]["Mending"];
            verdict: components["schemas"]["Verdict"];
            steps: string[];
            /** @description The step that the hand takes; null where none is left. */
            next: null | string;
            /**
             * Format: date-time
             * @description When it may be done; null for now.
             */
            from: null | string;
            /** @description What saying that it is mended would be answered. */
            mayFinish: components["schemas"]["Permit"];
            photoHash: null | string;
        };
        /** @description How far a mend has come. */
        MendingSheet: {
            /** @description Oldest first. */
            steps?: components["schemas"]["MendingDone"][];
            /**
             * Format: date-time
             * @description Mended, or left as it is.
             */
            doneAt?: null | string;
            /** @description It is as it was, and that was decided. */
            leftAsItIs?: boolean;
        };
        MendingStepAsk: {
            /** @description Its words, as they were read. */
            step: string;
            /** @description Of a button: it comes back by itself now. */
            helped?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description Of scratches: in fifths by eye, of what was there before this pass.
             */
            leftShare?: null | number;
        };
        MeterAsk: {
            /** @description capacitance, esr, ohms, volts or rippleVolts. */
            quantity: components["schemas"]["Quantity"];
            /** @description Which part comes next, for the meter's own display. */
            label: string;
            /** @description How it is connected, where that asks for another function of the meter: ohms by four wires. */
            instrument?: components["schemas"]["Instrument"];
        };
        MeterValue: {
            /** @description Its answer to *IDN?. */
            identification: string;
            /**
             * Format: double
             * @description Settled, in the quantity's base unit; null on overload.
             */
            value: null | number;
            overload: boolean;
            /**
             * Format: int32
             * @description How many values were read until it settled.
             */
            taken: number;
        };
        MixAsk: {
            /** Format: double */
            first: number;
            /** Format: double */
            firstPercent: number;
            /** Format: double */
            second: number;
            /** Format: double */
            secondPercent: number;
            unit?: components["schemas"]["VolumeUnit"];
        };
        MixResult: {
            /**
             * Format: double
             * @description Of what is added: the stronger stock, or water.
             */
            addMillilitres: number;
            /**
             * Format: double
             * @description What there is afterwards.
             */
            allMillilitres: number;
            /** Format: double */
            percent: number;
            /**
             * Format: int32
             * @description Whole bottles of the stock to buy; null when nobody said what one holds, or none is needed.
             */
            bottles: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        MixingAsk: {
            /** @description Whatever goes in together, follows without water between, or lies there. */
            substances: components["schemas"]["Substance"][];
        };
        MixingResult: {
            /** @description Every pair that must not meet. */
            clashes: components["schemas"]["MustNotMeet"][];
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description How the air moves.
         * @enum {string}
         */
        MovingAir: "still" | "fan" | "dehydrator";
        MustNotMeet: {
            /** @description Of the pair. */
            first: components["schemas"]["Substance"];
            /** @description Of the pair. */
            second: components["schemas"]["Substance"];
            /** @description What comes of it. */
            makes: string;
            /** @description What one does in its place. */
            instead: string;
        };
        /**
         * @description What a fingernail feels across it.
         * @enum {string}
         */
        NailFeels: "notKnown" | "raised" | "level" | "pitted";
        NeedRow: {
            /** @description Names it in the plan. */
            key: string;
            name: string;
            role: components["schemas"]["CapacitorRole"];
            /** Format: int32 */
            count: number;
            /** @description "Newsletter desktop C14", in order. */
            for: string[];
        };
        NetEdit: {
            name: string;
            from: string;
            to: string;
            side: components["schemas"]["Side"];
            path: components["schemas"]["Point"][];
            trace: components["schemas"]["TraceFacts"];
        };
        NetReadingAsk: {
            /**
             * Format: double
             * @description End to end; null with Open.
             */
            ohms: null | number;
            /** @description Open circuit on the meter. */
            open: boolean;
            source: string;
            /** @description What it was read with; left out, it is what the source names, else not known: then the leads may have added half an ohm. */
            instrument?: components["schemas"]["Instrument"];
            /**
             * Format: double
             * @description The smallest step that the range shows, in ohms; null when not known.
             */
            step?: null | number;
        };
        NetRepairAsk: {
            repair: string;
        };
        NetRow: {
            net: components["schemas"]["BoardNet"];
            trace: components["schemas"]["TraceResult"];
            state: components["schemas"]["NetState"];
            /** Format: double */
            readOhms: null | number;
            jumper: null | components["schemas"]["JumperResult"];
            under: string[];
            ready: boolean;
        };
        /** @enum {string} */
        NetState: "notMeasured" | "sound" | "thin" | "open" | "repaired" | "measureBetter" | "bridged";
        NeutraliseAsk: {
            area: components["schemas"]["AreaFacts"];
            house?: null | components["schemas"]["NeutraliseDefaults"];
        };
        /** @description Areas that may lie in one bath, since their residues react the same way. */
        NeutraliseBath: {
            neutraliser: components["schemas"]["Neutraliser"];
            areas: components["schemas"]["AreaFacts"][];
        };
        /** @description Numbers of the house for neutralising. */
        NeutraliseDefaults: {
            /**
             * Format: double
             * @description Percent by weight that the neutraliser is used at.
             */
            percent?: number;
            /**
             * Format: double
             * @description Percent by weight of acetic acid as bought; 5 is white vinegar.
             */
            stockPercent?: number;
            /**
             * Format: double
             * @description Times what the residue needs, since most of it never meets the residue.
             */
            excess?: number;
            /**
             * Format: double
             * @description Share of the residue that may stay.
             */
            residueShare?: number;
            /**
             * Format: double
             * @description Film of liquid that a board keeps when it is tipped, ml/cm².
             */
            filmMillilitresPerSquareCentimetre?: number;
            /**
             * Format: double
             * @description Water a rinse, ml/cm².
             */
            rinseMillilitresPerSquareCentimetre?: number;
            /**
             * Format: double
             * @description A bath the area lies in instead of being brushed: litres; null to brush.
             */
            bathLitres?: null | number;
            citric?: boolean;
        };
        NeutralisePlan: {
            /** @description What is used; none for a neutral residue. */
            neutraliser: components["schemas"]["Neutraliser"];
            /** @description Of the diluted neutraliser. */
            millilitres: components["schemas"]["Estimate"];
            /** @description How it is made up, with its figures. */
            mix: string;
            /**
             * Format: int32
             * @description With clean water, each of RinseMillilitres.
             */
            rinses: number;
            /** Format: double */
            rinseMillilitres: number;
            /**
             * Format: double
             * @description What is left after them.
             */
            residueShare: number;
            steps: string[];
            verdict: components["schemas"]["Verdict"];
            house: components["schemas"]["NeutraliseDefaults"];
        };
        /** @enum {string} */
        Neutraliser: "none" | "aceticAcid" | "citricAcid" | "bicarbonate";
        /** @description Something that the hand can do now. */
        NextAct: {
            /** @description An order, without the machine's name. */
            title: string;
            /** @description One sentence. */
            why: string;
            /** @description Where it is done. */
            stage: components["schemas"]["Stage"];
            /**
             * Format: int32
             * @description Hands-on, likely.
             */
            minutes: number;
            /** @description On the bench. */
            needs: string;
            /** @description It deals with a danger. */
            danger: boolean;
            /**
             * Format: int32
             * @description How many other pieces of work wait for it.
             */
            wantedBy: number;
            /**
             * Format: date-time
             * @description Since when it has been possible or known.
             */
            since: string;
            /** @description Which part of the machine's screens it is done on. */
            screen: string;
            /**
             * Format: uuid
             * @description The job, when it is one.
             */
            jobId?: null | string;
        };
        NoPowerScreen: {
            verdict: components["schemas"]["Verdict"];
            checks: components["schemas"]["SeatingCheck"][];
            cleared: string[];
            silence: components["schemas"]["Silence"];
        };
        NoteBeforeAsk: {
            /** @default  */
            noted: string;
            /** Format: uuid */
            photoId?: null | string;
        };
        /** @description What the machine itself said, as it was heard or read. Kept, and used by what comes later: an error code by the faults, a memory count by the parts. */
        Observation: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            kind?: components["schemas"]["ObservationKind"];
            /** @description As read: "1 long, 2 short", "161", "No drive". */
            text?: string;
            /**
             * Format: int32
             * @description For a memory count.
             */
            kilobytes?: null | number;
            during?: null | components["schemas"]["PowerStepKind"];
            /** Format: date-time */
            at?: string;
            /** @description Taken back as wrong; kept. */
            struck?: boolean;
        };
        ObservationAsk: {
            kind: components["schemas"]["ObservationKind"];
            text: string;
            /** Format: int32 */
            kilobytes: null | number;
            during: null | components["schemas"]["PowerStepKind"];
        };
        /** @enum {string} */
        ObservationKind: "message" | "beep" | "errorCode" | "memoryCount" | "sound" | "smell" | "picture";
        OdourFacts: {
            ratings: components["schemas"]["OdourRating"][];
            /** @description In order; the same rung may stand there twice. */
            done: components["schemas"]["OdourRung"][];
        };
        /** @description One time that somebody smelled at it. */
        OdourRating: {
            /**
             * Format: double
             * @description From as far it is smelled; 0 for nose on it and nothing.
             */
            centimetres: number;
            /**
             * Format: double
             * @description That it stood shut in a box or bag before; null when nobody counted.
             */
            hoursClosed?: null | number;
            /** @description It had run, or lain in the sun. Not known counts as no. */
            warm?: components["schemas"]["ThreeState"];
            /** @description Whoever smelled had not cleaned within the hour. Not known counts as no. */
            freshNose?: components["schemas"]["ThreeState"];
        };
        OdourResult: {
            next: null | components["schemas"]["OdourRung"];
            /**
             * Format: double
             * @description That the rung takes without hands.
             */
            days: number;
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description What has been done against a smell, mildest first.
         * @enum {string}
         */
        OdourRung: "airing" | "washing" | "sorbent" | "sealing";
        OdourRungAsk: {
            rung: components["schemas"]["OdourRung"];
        };
        OffersCsv: {
            /** @description CSV: sku, marking, kind, volts, celsius, diameter, height, pitch, pack, price, from2, price2, from3, price3, stock. */
            text: string;
        };
        OhmsResult: {
            /**
             * Format: double
             * @description Of all together.
             */
            ohms: number;
            sentence: string;
        };
        OneCell: {
            /**
             * Format: double
             * @description Measured, without a load.
             */
            volts: number;
            /**
             * Format: double
             * @description Rated, or better what it gave when it was last emptied; null when nobody knows.
             */
            milliampHours?: null | number;
        };
        /** @description How deep a machine is opened this time. */
        OpenDepth: {
            /** @description Id of the deepest piece; empty for shut. */
            piece: string;
            /** @description It comes out itself; otherwise what is in front of it comes off. */
            out: boolean;
        };
        OpeningAsk: {
            pieces: components["schemas"]["OpeningPiece"][];
            work: components["schemas"]["OpeningWork"][];
        };
        OpeningDepthAsk: {
            pieces: components["schemas"]["DepthPiece"][];
            work: components["schemas"]["DepthWork"][];
            /** @description Id of the piece down to which it is to be opened; empty for shut, null for as deep as its work needs. */
            downTo?: null | string;
            /**
             * @description That piece itself comes out too.
             * @default false
             */
            downToOut: boolean;
            /**
             * Format: double
             * @description Of the minutes that a deeper opening takes, the share that its work must take for it to be advised; null takes the house's.
             */
            worthItsOpening?: null | number;
        };
        OpeningDepthResult: {
            /** @description Shallow first. */
            levels: components["schemas"]["OpeningLevel"][];
            /**
             * Format: int32
             * @description Index of the one that is advised.
             */
            advised: number;
            /**
             * Format: int32
             * @description Index of the one that is chosen; null for as deep as its work needs.
             */
            chosen: null | number;
            /** @description Titles of what comes off at the depth that holds and is still on, in order. */
            off: string[];
            /** @description Minutes of taking off and putting back, to the depth that holds. */
            opening: components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description The share that was used.
             */
            worthItsOpening: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description How deep it could be opened. */
        OpeningLevel: {
            depth: components["schemas"]["OpenDepth"];
            name: string;
            /** @description Titles of what comes off for it and is still on, in order. */
            off: string[];
            /** @description Minutes of taking off and putting back. */
            opening: components["schemas"]["Estimate"];
            /** @description Minutes of hands of the work that lies open then. */
            work: components["schemas"]["Estimate"];
            /** @description Keys of that work. */
            does: string[];
            /** @description Keys of what is left for another opening. */
            leaves: string[];
            /** @description What can go wrong on the way, a sentence each. */
            risks: string[];
            /** @description The depth that holds goes as far, or farther. */
            isOpen: boolean;
            verdict: components["schemas"]["Verdict"];
        };
        OpeningOffer: {
            id: string;
            title: string;
            /** @description Pieces that must come off besides; empty for none. */
            more: string[];
            /**
             * Format: double
             * @description Of opening and closing for it now.
             */
            extraMinutes: number;
            /**
             * Format: double
             * @description Against opening once more for it.
             */
            savedMinutes: number;
        };
        OpeningPiece: {
            id: string;
            title: string;
            /** @description Ids of pieces that must be off before it comes off. */
            behind: string[];
            /**
             * Format: double
             * @description To take it off.
             * @default 3
             */
            offMinutes: number;
            /**
             * Format: double
             * @description To put it back.
             * @default 4
             */
            backMinutes: number;
        };
        OpeningProposal: {
            job: components["schemas"]["WhileOpen"];
            /** @description Titles of pieces that come off for it besides. */
            more: string[];
            /**
             * Format: double
             * @description Of opening and closing for those.
             */
            extraMinutes: number;
            /**
             * Format: double
             * @description Against opening once more for it.
             */
            savedMinutes: number;
        };
        OpeningResult: {
            /** @description Pieces in the order in which they come off. */
            off: string[];
            /**
             * Format: double
             * @description Of opening and closing.
             */
            minutes: number;
            /** @description What else lies behind the same covers, most saved first. */
            offers: components["schemas"]["OpeningOffer"][];
            verdict: components["schemas"]["Verdict"];
        };
        OpeningWork: {
            id: string;
            title: string;
            /** @description Ids of pieces that must be off for it. */
            at: string[];
            /**
             * Format: double
             * @default 10
             */
            minutes: number;
            /**
             * @description It is to be done now; otherwise it is due or soon due.
             * @default false
             */
            wanted: boolean;
        };
        OrderAlternative: {
            supplier: string;
            /** Format: double */
            cost: number;
            /** Format: int32 */
            days: number;
        };
        OrderAsk: {
            needs: components["schemas"]["OrderNeed"][];
            offers: components["schemas"]["SupplierOffer"][];
            suppliers: components["schemas"]["SupplierTerms"][];
            policy?: null | components["schemas"]["OrderPolicy"];
            /** @default EUR */
            currency: string;
            /**
             * Format: double
             * @description For the answer; at most 10.
             * @default 10
             */
            seconds: number;
        };
        OrderLine: {
            offer: components["schemas"]["SupplierOffer"];
            /**
             * Format: int32
             * @description Of the offer.
             */
            packs: number;
            /** Format: double */
            packPrice: number;
            /** Format: double */
            cost: number;
            /** @description Need keys and pieces that it serves. */
            for: components["schemas"]["OrderShare"][];
            /**
             * Format: int32
             * @description Pieces that are left for the drawer.
             */
            over: number;
        };
        /**
         * @default asked
         * @enum {string}
         */
        OrderLineState: "asked" | "confirmed" | "outOfStock" | "substituted" | "fewer" | "late" | "here";
        /** @description Places that want the same part, on any board of any machine. */
        OrderNeed: {
            /** @description Names it in the answer. */
            key: string;
            spec: components["schemas"]["CapacitorSpec"];
            role: components["schemas"]["CapacitorRole"];
            /**
             * Format: int32
             * @description Pieces.
             */
            count: number;
            /** Format: double */
            headroomMillimetres?: null | number;
        };
        OrderParcel: {
            supplier: components["schemas"]["SupplierTerms"];
            lines: components["schemas"]["OrderLine"][];
            /** Format: double */
            goods: number;
            /** Format: double */
            postage: number;
            /** Format: int32 */
            days: number;
        };
        /** @description The house's policy. */
        OrderPolicy: {
            /**
             * Format: double
             * @description Spare pieces as a share of each need, rounded up.
             */
            spareShare?: number;
            /**
             * Format: int32
             * @description Spare pieces at the least.
             */
            spareLeast?: number;
            /**
             * Format: int32
             * @description Suppliers that take longer are left out; null takes all.
             */
            latestDays?: null | number;
            /** @description Also parts that will do on a condition only. */
            conditional?: boolean;
        };
        OrderResult: {
            parcels: components["schemas"]["OrderParcel"][];
            /** Format: double */
            cost: number;
            /**
             * Format: double
             * @description No order costs less than this.
             */
            bound: number;
            /** @description No cheaper order covers the same needs. */
            proven: boolean;
            /**
             * Format: int32
             * @description Until the last parcel.
             */
            days: number;
            uncovered: components["schemas"]["Uncovered"][];
            fromOne: null | components["schemas"]["OrderAlternative"];
            verdict: components["schemas"]["Verdict"];
            policy: components["schemas"]["OrderPolicy"];
        };
        OrderScreen: {
            /** @description Free pieces of the drawer that serve; set aside in one act. */
            drawer: components["schemas"]["FromDrawer"][];
            needs: components["schemas"]["NeedRow"][];
            /** @description What is ordered for the rest. */
            plan: components["schemas"]["OrderResult"];
            orders: components["schemas"]["PartOrder"][];
            suppliers: components["schemas"]["SupplierRow"][];
            currency: string;
            /** @description The rest by value, volts, kind and size, for whoever buys it without a supplier's list. */
            shopping: components["schemas"]["ShoppingLine"][];
        };
        OrderShare: {
            need: string;
            /** Format: int32 */
            pieces: number;
            fit: components["schemas"]["Outcome"];
        };
        /**
         * @description How the machine lies while the step is done. Not known is 0, and costs no turn.
         * @enum {string}
         */
        Orientation: "notKnown" | "asUsed" | "upsideDown" | "onBack" | "onFront" | "onLeftSide" | "onRightSide";
        /** @description What was done instead of a procedure's steps, or before anybody asked. */
        OtherwiseAsk: {
            /** @description In the person's words. */
            what: string;
            /**
             * Format: double
             * @description When; 0 is now.
             * @default 0
             */
            hoursAgo: number;
            /**
             * @description Who did it; empty for whoever is at the bench.
             * @default
             */
            by: string;
            /** @description No keeps it, and counts nothing as done. Asked for where no later reading shows it. */
            cameOut?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @description Of an area: of a drop of water that stood on it, read now.
             */
            ph?: null | number;
            /** @description Of what is cleaned: a liquid went on it. Not known counts as yes. */
            wetted?: components["schemas"]["ThreeState"];
        };
        /**
         * @description What a judgement came to. There is no default worth having: Outcome.Unknown is an answer, and is 0 so that a forgotten outcome never reads as a yes.
         * @enum {string}
         */
        Outcome: "unknown" | "yes" | "yesIf" | "no";
        OutlineAnswer: {
            /** Format: double */
            squareCentimetres: number;
            /** Format: double */
            share: number;
            sentence: string;
        };
        OutlineAsk: {
            outline: components["schemas"]["Point"][];
            /** Format: double */
            widthMillimetres: number;
            /** Format: double */
            heightMillimetres: number;
        };
        OverruleAsk: {
            /** @description What is decided against: comesOut, finding or beforePower. Everything else is overruled where it is done. */
            of: components["schemas"]["OverruleKind"];
            reason: string;
            /** @description The capacitor, the finding, or what stands before power. */
            subject?: null | string;
        };
        /**
         * @description Everything that a person may decide against. What is not here nobody overrules.
         * @enum {string}
         */
        OverruleKind: "cellData" | "cellChoice" | "substitute" | "comesOut" | "finding" | "powerStep" | "beforePower" | "mask" | "handOver" | "flux" | "gap" | "dry" | "whitening" | "coat" | "keys";
        OverrulePowerStepAsk: {
            reason: string;
        };
        /** @description A material of a workshop's own: what it behaves like, and what is never done to it. */
        OwnMaterial: {
            id: string;
            name: string;
            /** @description Whatever holds for each of these holds for it; none counts as not known. */
            like: components["schemas"]["Material"][];
            /** @description Ids of methods that it is known to bear; all others want a spot test. */
            safe: string[];
            /** @description Ids of methods that it does not bear. */
            never: string[];
            why: string;
            source: string;
        };
        /** @description A soil of a workshop's own: what moves it is what moves these. */
        OwnSoil: {
            id: string;
            name: string;
            like: components["schemas"]["Soil"][];
            source: string;
        };
        /** @description A laptop's pack. Null was not read. */
        PackFacts: {
            chemistry?: components["schemas"]["CellChemistry"];
            /** Format: double */
            designMilliampHours?: null | number;
            /**
             * Format: double
             * @description What its own gauge says it takes now.
             */
            fullChargeMilliampHours?: null | number;
            /** Format: int32 */
            cycles?: null | number;
            swollen?: components["schemas"]["ThreeState"];
            /** @description It gets hot, smells, or leaks. */
            hotOrWet?: components["schemas"]["ThreeState"];
            /** @description It is out of the machine. What nobody has said of it counts as in. */
            takenOut?: boolean;
            /**
             * Format: double
             * @description Draw during a run-down test, on average.
             */
            runDownMilliamps?: null | number;
            /**
             * Format: double
             * @description Minutes from full to switched off.
             */
            runDownMinutes?: null | number;
            /**
             * Format: double
             * @description Volts with the pack out, open.
             */
            volts?: null | number;
            /**
             * Format: int32
             * @description Cells in series.
             */
            series?: null | number;
        };
        PackResult: {
            /**
             * Format: double
             * @description By run-down, or by the gauge; null when neither was read.
             */
            milliampHours: null | number;
            measured: boolean;
            /**
             * Format: double
             * @description Of design.
             */
            healthShare: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        PackScreen: {
            facts: components["schemas"]["PackFacts"];
            result: components["schemas"]["PackResult"];
            /** Format: int32 */
            version: number;
        };
        PackSummary: {
            id: string;
            name: string;
            builtIn: boolean;
            machines: components["schemas"]["ProfileRow"][];
            /** Format: int32 */
            boards: number;
            /** Format: int32 */
            parts: number;
            /** Format: int32 */
            kinds: number;
            methods: string[];
        };
        PackText: {
            text: string;
        };
        PadAsk: {
            pads: components["schemas"]["PadState"];
            traceWhole?: null | boolean;
            trace?: null | components["schemas"]["TraceFacts"];
            /** @default C1 */
            designator: string;
        };
        PadRepairPlan: {
            /** @description In order. */
            steps: string[];
            /**
             * Format: int32
             * @description Likely.
             */
            minutes: number;
            needs: string;
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        PadState: "sound" | "lifted" | "corroded" | null;
        PaintAsk: {
            /** Format: double */
            squareCentimetres: number;
            /** Format: int32 */
            coats: number;
            /**
             * Format: double
             * @description Of the air; null when nobody measured.
             */
            celsius?: null | number;
            /**
             * Format: double
             * @description Relative, percent; null when nobody measured.
             */
            humidity?: null | number;
            /**
             * Format: double
             * @description Of the part; null takes the air's.
             */
            surfaceCelsius?: null | number;
            paint?: null | components["schemas"]["PaintFacts"];
        };
        /** @description A paint by its sheet. */
        PaintFacts: {
            /**
             * Format: double
             * @description Square metres that a litre covers in one coat, by its sheet; null takes 8, usual of spray cans.
             */
            squareMetresPerLitre?: null | number;
            /**
             * Format: double
             * @description Of one can, millilitres.
             */
            canMillilitres?: number;
            /**
             * Format: double
             * @description Share that lands beside the part; 0.4 is usual of cans.
             */
            oversprayShare?: number;
            /** Format: double */
            leastCelsius?: number;
            /** Format: double */
            mostCelsius?: number;
            /**
             * Format: double
             * @description Relative, percent.
             */
            mostHumidity?: number;
            /**
             * Format: double
             * @description After this the next coat goes on, at 20 °C; until the second, or only after the third.
             */
            recoatFromMinutes?: number;
            /** Format: double */
            recoatUntilMinutes?: number;
            /** Format: double */
            recoatAgainHours?: number;
            /** @description With a hardener: isocyanates. */
            twoPart?: boolean;
        };
        PaintResult: {
            /**
             * Format: double
             * @description For all coats, overspray in it.
             */
            millilitres: number;
            /** Format: int32 */
            cans: number;
            /**
             * Format: double
             * @description From the first coat to the last.
             */
            minutes: number;
            verdict: components["schemas"]["Verdict"];
        };
        PairOption: {
            joined: components["schemas"]["Joined"];
            /** @description The two parts; twice the same when one kind serves. */
            parts: components["schemas"]["DrawerCandidate"][];
            /** @description What the two are together. */
            spec: components["schemas"]["CapacitorSpec"];
            /** @description What else is needed, such as balancing resistors. */
            needs: string;
            verdict: components["schemas"]["Verdict"];
            rules: components["schemas"]["SubstitutionRule"][];
        };
        PanelEdit: {
            name: string;
            /**
             * Format: double
             * @description By eye; a photo measures it. Null when nobody looked.
             */
            rustedPercent?: null | number;
            coating?: components["schemas"]["Coating"];
            reach?: components["schemas"]["ToolReach"];
            leaked?: components["schemas"]["ThreeState"];
            working?: components["schemas"]["ThreeState"];
            bent?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @default 1000
             */
            squareCentimetres: number;
            /**
             * Format: int32
             * @default 0
             */
            coats: number;
            paint?: null | components["schemas"]["PaintFacts"];
            /**
             * Format: double
             * @default 24
             */
            cureHours: number;
            /**
             * Format: uuid
             * @description The piece or finding that it was put down for.
             */
            fromId?: null | string;
        };
        /**
         * @description How a speck moves against the picture when the head does: that says on which layer it lies.
         * @enum {string}
         */
        PanelLayer: "notKnown" | "onTheFace" | "underTheFilm" | "inTheCell" | "behind";
        PanelRow: {
            panel: components["schemas"]["SheetMetal"];
            verdict: components["schemas"]["Verdict"];
            steps: components["schemas"]["FinishStepRow"][];
            /**
             * Format: date-time
             * @description When the next step may be done; null for now.
             */
            from: null | string;
            /** Format: int32 */
            grade: null | number;
            paint: null | components["schemas"]["PaintResult"];
            /** Format: date-time */
            bareUntil: null | string;
            photoHash: null | string;
        };
        ParallelAsk: {
            ohms: number[];
        };
        ParkAsk: {
            why: string;
            /** Format: date */
            wakesOn?: null | string;
            /**
             * @description A part that wakes it once one is in the store; empty for none.
             * @default
             */
            wakesFor: string;
            /**
             * Format: double
             * @description What that part, or a complete machine where none is named, may cost at most; null where no price wakes it.
             */
            wakesBelow?: null | number;
        };
        ParkedRow: {
            /** Format: uuid */
            id: string;
            name: string;
            why: string;
            /** @description What wakes it, in words; empty for nothing but a person. */
            wakes: string;
            /** @description What it waits for is here, was seen at its price, or its day has come; empty for nothing. */
            wokenBy: string;
        };
        PartMove: {
            kind: string;
            fits: string;
            /** @description Donor box; null when it is bought. */
            from: null | string;
            fromName: null | string;
            to: string;
            toName: string;
            money: components["schemas"]["Estimate"];
        };
        /** @description One parcel ordered from one supplier. */
        PartOrder: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            supplierId?: string;
            supplier?: string;
            state?: components["schemas"]["PartOrderState"];
            lines?: components["schemas"]["PartOrderLine"][];
            /** Format: double */
            postage?: number;
            /** Format: date-time */
            at?: string;
            /** Format: date */
            expectedOn?: null | string;
            /** @description The supplier's own number for it. */
            theirNumber?: string;
            /** @description What went wrong when it was last asked; empty when nothing did. */
            trouble?: string;
            /** Format: int32 */
            version?: number;
            /** @description The order that was the last one when this was planned, on the first parcel of each sending. After each there is only one next, so that two who press at once send one. */
            after?: null | string;
            /**
             * Format: date-time
             * @description When it was last handed to the supplier.
             */
            sendingSince?: null | string;
            open?: boolean;
            /** @description Capacitors that still wait for a piece of this order. */
            awaited?: string[];
        };
        PartOrderLine: {
            sku: string;
            spec: components["schemas"]["CapacitorSpec"];
            /** Format: int32 */
            packSize: number;
            /** Format: int32 */
            packs: number;
            /** Format: double */
            packPrice: number;
            /** @description Capacitors that it is for, most urgent first; those beyond the pieces wait for the rest. */
            for: string[];
            state?: components["schemas"]["OrderLineState"];
            /**
             * Format: int32
             * @description That the supplier will send.
             * @default 0
             */
            confirmedPacks: number;
            /**
             * Format: int32
             * @description Booked in so far.
             * @default 0
             */
            arrivedPieces: number;
            instead?: null | components["schemas"]["CapacitorSpec"];
            /**
             * @description In the supplier's words, or in ours.
             * @default
             */
            note: string;
            /**
             * Format: int32
             * @description Pieces still to come.
             */
            open?: number;
            coming?: components["schemas"]["CapacitorSpec"];
        };
        /** @enum {string} */
        PartOrderState: "notSent" | "sending" | "confirmed" | "partlyHere" | "here" | "cancelled";
        /** @description What one part costs when it is bought; a part that is in no list cannot be bought. */
        PartPrice: {
            kind: string;
            money: components["schemas"]["Estimate"];
            /** @default  */
            fits: string;
        };
        /** @enum {string} */
        PartState: "good" | "damaged" | "missing" | "notKnown";
        /** @description One marked patch in two photos, under one card. */
        PatchPairAsk: {
            /** Format: uuid */
            beforePhotoId: string;
            /** @description Of the patch: top left and on with the clock, as shares of the photo. */
            beforeCorners: components["schemas"]["Point"][];
            beforeCard: null | components["schemas"]["Point"];
            /** Format: uuid */
            afterPhotoId: string;
            afterCorners: components["schemas"]["Point"][];
            afterCard: null | components["schemas"]["Point"];
        };
        PatchPairResult: {
            /**
             * Format: double
             * @description Of what lay on the patch, 0 to 1; null where the two cannot be compared.
             */
            removedShare: null | number;
            /** @description The surface is rougher than before: scratches, bloom, lettering gone. */
            damage: boolean;
            /**
             * Format: double
             * @description How far the marked corners of the two look alike, −1 to 1.
             */
            alike: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description The mean of a spot of a photo, averaged in linear light and written again as sRGB. */
        PatchSample: {
            /**
             * Format: double
             * @description 0 to 255; the same of green and blue.
             */
            red: number;
            /** Format: double */
            green: number;
            /** Format: double */
            blue: number;
            /**
             * Format: double
             * @description Of its pixels, those at the end of the scale in any channel, 0 to 1.
             * @default 0
             */
            clippedShare: number;
            /**
             * Format: double
             * @description Of the light over it: brightest quarter against darkest, less one; 0 is even.
             * @default 0
             */
            unevenness: number;
        };
        /** @description Whether an act may be done, from the facts as they are. Shown before it, and answered by it. */
        Permit: {
            /** @description Yes or yes-if where it may be done without more. */
            verdict: components["schemas"]["Verdict"];
            /** @description Why somebody has done so already, on these very facts; null when nobody has. */
            overruledBecause?: null | string;
            /** @description Somebody overruled it once, and the facts are others since: it counts no longer. */
            overruleLapsed?: boolean;
            granted?: boolean;
            /** @description A reason would do. */
            mayBeOverruled?: boolean;
        };
        /** @description One day that differs: not there at all, or other hours. */
        PersonDay: {
            /** Format: date */
            day: string;
            /** Format: time */
            from?: null | string;
            /** Format: time */
            to?: null | string;
        };
        PersonEdit: {
            name: string;
            skills: components["schemas"]["BenchSkill"][];
            avoids: components["schemas"]["Airborne"][];
            hours: components["schemas"]["WeeklyHours"][];
            days?: null | components["schemas"]["DayHours"][];
        };
        /** @description Hands on by one person, as is likely. */
        PersonMinutes: {
            person: string;
            /** Format: int32 */
            minutes: number;
        };
        PhotoCaption: {
            caption: string;
        };
        PhotoColourResult: {
            /** @description Not only differences. */
            absolute: boolean;
            /** @description Empty where the photo cannot be used. */
            patches: components["schemas"]["MeasuredPatch"][];
            /**
             * Format: double
             * @description Mean b* of the patches that light has reached; null where there are none.
             */
            b: null | number;
            /**
             * Format: double
             * @description Largest ΔE00 between two of them; null for fewer than two.
             */
            evenness: null | number;
            /**
             * Format: double
             * @description b* by which one patch differs from photo to photo, one standard deviation.
             */
            noise: number;
            verdict: components["schemas"]["Verdict"];
            /** @description What lay beside the part: figures that are not absolute compare under the same one only. */
            card?: components["schemas"]["CardKind"];
        };
        /** @description A place on the step's photo, in shares of its width and height, with what stands there: a hole's number, a connector's letter, "red edge". */
        PhotoMark: {
            /** Format: double */
            x: number;
            /** Format: double */
            y: number;
            text: string;
        };
        PhotoRow: {
            /** Format: uuid */
            id: string;
            hash: string;
            /** Format: int32 */
            width: number;
            /** Format: int32 */
            height: number;
            caption: string;
            /** Format: date-time */
            at: string;
        };
        /**
         * @description What came off, as far as it decides what can go wrong with it.
         * @enum {string}
         */
        PieceKind: "other" | "cover" | "board" | "module" | "card" | "drive" | "supply" | "display" | "keyboard" | "fan" | "speaker" | "cell" | "cage";
        PiecesAsk: {
            /** @description Outermost first; all of them. */
            pieces: components["schemas"]["ApartPiece"][];
        };
        PinAsk: {
            /** Format: uuid */
            machineId: string;
            key: string;
            /**
             * @description Empty for whoever can.
             * @default
             */
            person: string;
            /**
             * Format: date-time
             * @description Null for whenever.
             */
            at?: null | string;
            /**
             * Format: int32
             * @description In so many goes; 0 as it is.
             * @default 0
             */
            split: number;
        };
        PlaceEdit: {
            name: string;
            open?: components["schemas"]["PlaceOpen"];
            /**
             * Format: int32
             * @description How many there are.
             * @default 1
             */
            count: number;
            /**
             * Format: double
             * @description Of a place outdoors; null takes what is usual.
             */
            fitDaysInTen?: null | number;
        };
        /**
         * @description When a place may be used.
         * @enum {string}
         */
        PlaceOpen: "always" | "daylight" | "outdoors";
        /** @description A piece of work, and where it lies. */
        PlacedWork: {
            key: string;
            title: string;
            stage: components["schemas"]["Stage"];
            /** Format: double */
            minutes: number;
            /** @description Id; empty for outside, null where nobody knows. */
            piece: null | string;
            out: boolean;
            bySaid: boolean;
            /** @description Than the machine is opened this time. */
            deeper: boolean;
            danger: boolean;
        };
        PlanAsk: {
            /** @description A board's plan from a pack; null to take the other. */
            profileId: null | string;
            /**
             * Format: uuid
             * @description An earlier board of the same kind, on any machine.
             */
            boardId: null | string;
        };
        PlanChanceResult: {
            now: components["schemas"]["ChanceResult"];
            /** @description The cheapest a gain first. */
            rescues: components["schemas"]["RescueResult"][];
            verdict: components["schemas"]["Verdict"];
        };
        PlanChoice: {
            id: string;
            title: string;
            /** Format: int32 */
            minutes: number;
            /**
             * Format: int32
             * @description Minutes of work and waits that hang on it, itself in it.
             */
            hangs: number;
            why: string;
        };
        /** @description Work that is asked for by itself: a machine. */
        PlanGroup: {
            name: string;
            tasks: string[];
            /**
             * Format: int32
             * @description Its own day, in minutes from now; null takes the plan's.
             */
            readyBy?: null | number;
        };
        PlanHours: {
            /** Format: date-time */
            from: string;
            /** Format: date-time */
            to: string;
        };
        PlanMachineRow: {
            /** Format: uuid */
            id: string;
            name: string;
            /** Format: date-time */
            dueAt: null | string;
            /**
             * Format: date-time
             * @description By the plan.
             */
            readyAt: null | string;
            /** Format: int32 */
            handsMinutes: number;
        };
        PlanNextAsk: {
            plan: components["schemas"]["ScheduleAsk"];
            /** @description Who asks. */
            person: string;
            /** @description Places that they will not use now: the iron. */
            without?: null | string[];
            /**
             * Format: int32
             * @description They have no longer; null for as long as it takes.
             */
            mostMinutes?: null | number;
            /** @description Ids that were offered already. */
            notThese?: null | string[];
        };
        PlanNextResult: {
            now: null | components["schemas"]["PlanChoice"];
            others: components["schemas"]["PlanChoice"][];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description Somebody at the bench. */
        PlanPerson: {
            name?: string;
            skills?: string[];
            /** @description What may not be in the air while they are there. */
            avoids?: string[];
            windows?: components["schemas"]["Window"][];
        };
        PlanPersonRow: {
            person: components["schemas"]["BenchPerson"];
            /** @description When they are at the bench in the days that are shown. */
            hours: components["schemas"]["PlanHours"][];
        };
        /** @description Something that a person has laid down for one piece of work: when, by whom, in how many goes. */
        PlanPin: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            forMachineId?: string;
            /** @description Key of the work. */
            key?: string;
            /** @description Empty for whoever can. */
            person?: string;
            /** Format: date-time */
            at?: null | string;
            /**
             * Format: int32
             * @description In so many goes; 0 as it is.
             */
            split?: number;
            /** Format: int32 */
            version?: number;
        };
        /** @description A place or a tool. Only one with hours of its own, or of which there are several, need be named: any other is one, and open always. */
        PlanPlace: {
            name?: string;
            /** @description Null for always: daylight, the shop's hours. */
            windows?: null | components["schemas"]["Window"][];
            /**
             * Format: int32
             * @description So many things at a time.
             */
            count?: number;
            /**
             * Format: double
             * @description Chance that it can be used in one of its windows, for those that hang on the weather; null for always. Windows that end on the same day, counted from now, are fit together.
             */
            fit?: null | number;
        };
        PlanScreen: {
            /** Format: date-time */
            now: string;
            plan: null | components["schemas"]["KeptPlan"];
            /** @description A better one may be found by asking for it. */
            better: boolean;
            machines: components["schemas"]["PlanMachineRow"][];
            people: components["schemas"]["PlanPersonRow"][];
            places: components["schemas"]["BenchPlace"][];
            /** @description Places that work may ask for and of which nobody has said anything, as the plan takes them. */
            usualPlaces: components["schemas"]["UsualPlace"][];
            pins: components["schemas"]["PlanPin"][];
            /** @description What somebody is at now. */
            running: components["schemas"]["WorkTaken"][];
            runsShort: components["schemas"]["ShortSupply"][];
            corrections: components["schemas"]["WorkCorrection"][];
            parked: components["schemas"]["ParkedRow"][];
            eventName: string;
            /** Format: date */
            eventDay: null | string;
            clash: null | components["schemas"]["ClashResult"];
        };
        /** @description A piece of work that hands do, as the plan sees it. Not interrupted; uses its places for all of its length. */
        PlanTask: {
            id?: string;
            title?: string;
            /**
             * Format: int32
             * @description Hands on, as is likely.
             */
            minutes?: number;
            /** @description Of those who take otherwise than that; null for nobody. */
            minutesBy?: null | components["schemas"]["PersonMinutes"][];
            /**
             * Format: int32
             * @description At best and at worst; null takes half and twice as long.
             */
            lowMinutes?: null | number;
            /** Format: int32 */
            highMinutes?: null | number;
            /** @description Kind of work: what is underestimated once is underestimated for all of its kind. */
            kind?: string;
            /** @description Ids of what must be done, and whose wait must be over, before. */
            after?: string[];
            /**
             * Format: int32
             * @description That go on without hands when it is done: drying, curing, the post.
             */
            waitMinutes?: number;
            /** @description A place that the wait holds, such as the bath; empty for none. */
            waitPlace?: string;
            /** @description Places that it uses: the iron, the bath, the sill. */
            places?: string[];
            /** @description Something of it lies in its places already: they are held from now until it is done. */
            heldBefore?: boolean;
            /** @description What one has to be able to do, or be trained for. */
            skills?: string[];
            /** @description What it puts into the air: dust, solvent. */
            gives?: string[];
            /** @description Pinned to somebody; empty for whoever can. */
            person?: string;
            /**
             * Format: int32
             * @description Not before; null for from the start.
             */
            from?: null | number;
            /** @description It does more harm the longer it waits: it and what it comes after go before everything else. */
            first?: boolean;
            /** @description Where it cannot be planned, what comes after it is planned all the same. */
            optional?: boolean;
            /**
             * Format: int32
             * @description What comes after it must begin within so many minutes of its end; null for whenever.
             */
            waitMostMinutes?: null | number;
            /**
             * Format: int32
             * @description Pinned to a minute, as what has begun is.
             */
            start?: null | number;
            /**
             * Format: int32
             * @description It and its wait are over by then; null for whenever.
             */
            deadline?: null | number;
        };
        /** @description What is next is the first of the plan. */
        PlannedFirst: {
            /** @description Whose turn it is by the plan. */
            person: string;
            /**
             * Format: date-time
             * @description When it is its turn.
             */
            at: string;
            key: string;
        };
        PlannedTask: {
            id: string;
            person: string;
            /** Format: int32 */
            start: number;
            /** Format: int32 */
            end: number;
            /**
             * Format: int32
             * @description When its wait is over too.
             */
            readyAt: number;
        };
        /** @description A place as shares of a picture's width and height, 0 to 1, from its top left. */
        Point: {
            /** Format: double */
            x?: number;
            /** Format: double */
            y?: number;
        };
        PolarityAsk: {
            before: components["schemas"]["Direction"];
            printed: components["schemas"]["Direction"];
            seen: components["schemas"]["Direction"];
            /** @default C1 */
            designator: string;
        };
        /** @description Scratches in a clear or glossy part. */
        PolishFacts: {
            material?: components["schemas"]["Material"];
            /** @description A fingernail catches in them. Not known is asked. */
            nailCatches?: components["schemas"]["ThreeState"];
            /** @description A coat lies on it: against glare or scratches, soft touch, print. Not known is asked. */
            coated?: components["schemas"]["ThreeState"];
            /** @description In order. */
            passes?: components["schemas"]["PolishPass"][];
        };
        PolishPass: {
            /**
             * Format: int32
             * @description Of the abrasive, FEPA P; polish counts as 6000.
             */
            grit: number;
            /**
             * Format: double
             * @description Of what was there before this pass, 0 to 1.
             */
            leftShare: number;
        };
        PolishResult: {
            /**
             * Format: int32
             * @description Null where one stops.
             */
            nextGrit: null | number;
            /**
             * Format: double
             * @description Of what was there at the start.
             */
            leftShare: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description What may be in a machine because it is so in its kind, until somebody looks. */
        Possible: {
            trait: components["schemas"]["Trait"];
            how: components["schemas"]["Likelihood"];
        };
        /** @description What is written down of a step beside its readings. */
        PowerNotes: {
            load: string;
            seen: string;
            heard: string;
            smelled: string;
            said: string;
        };
        /**
         * @description How a machine is brought to power, by how it came.
         * @enum {string}
         */
        PowerRitual: "fromNothing" | "asItRan" | "runsHere";
        PowerScreen: {
            steps: components["schemas"]["PowerStepView"][];
            next: null | components["schemas"]["PowerStepKind"];
            verdict: components["schemas"]["Verdict"];
            supplyInside: boolean;
            /** @description What the supply has earned by measurement. */
            supply: components["schemas"]["SupplyTrustResult"];
            /** @description What the machine said, beeped and counted. */
            observations: components["schemas"]["Observation"][];
            /** @description What is open of List, each with whether a person may decide otherwise. */
            before: components["schemas"]["BeforePowerRow"][];
            /** @description All that must be known before it is fed, with what is. */
            list: components["schemas"]["BeforePowerRow"][];
            /** @description Dangers that stand although their entry is gone: they are looked at again. */
            leftBehind: components["schemas"]["LeftBehindRow"][];
            rails: components["schemas"]["RailReading"][];
            /** Format: int32 */
            machineVersion: number;
            /** @description The screen on which its danger is answered; empty when there is none. */
            answeredOn: string;
            /** @description How it is brought to power: what was said of its last running counts while nothing has changed since. */
            ritual: components["schemas"]["PowerRitual"];
            ran: components["schemas"]["LastRan"];
            ranWord: string;
            inPieces: null | components["schemas"]["TestInPieces"];
        };
        /** @description One step as it was taken on one machine. Rail readings are kept as Readings. */
        PowerStep: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            kind?: components["schemas"]["PowerStepKind"];
            state?: components["schemas"]["PowerStepState"];
            /** @description The load it was read on, such as "2.0 A on +5, 1.0 A on +12, 5 min". */
            load?: string;
            seen?: string;
            heard?: string;
            smelled?: string;
            /** @description What the screen said, the beeps, the memory it counted. */
            said?: string;
            /** @description The verdict's sentence when the step was closed. */
            sentence?: string;
            /** Format: date-time */
            at?: null | string;
            /**
             * Format: date-time
             * @description Since when it has been left on its load, for the hour that earns a supply full trust.
             */
            onLoadSince?: null | string;
            /** Format: int32 */
            version?: number;
            through?: boolean;
        };
        /** @enum {string} */
        PowerStepKind: "shorts" | "supplyLook" | "supplyLoaded" | "bareBoard" | "oneMemory" | "picture" | "drives" | "whatItSaid" | null;
        PowerStepPlan: {
            /** @description Which step. */
            kind: components["schemas"]["PowerStepKind"];
            /** @description Few words. */
            title: string;
            /** @description What the hand does, and what it must not. */
            how: string;
            /** @description What is right to read, see and hear. */
            expected: string;
            /** @description Rails may be read in this step. */
            reads: boolean;
            /** @description Said at this step. */
            cautions: components["schemas"]["CautionId"][];
            /** @description It is closed by its readings; where it is not, what was seen closes it, and a reading may be added. */
            mustRead?: boolean;
            /** @description It feeds the board, so that everything that stands before the board stands before it. */
            feeds?: boolean;
        };
        /** @enum {string} */
        PowerStepState: "notYet" | "passed" | "failed" | "overruled";
        PowerStepView: {
            plan: components["schemas"]["PowerStepPlan"];
            step: null | components["schemas"]["PowerStep"];
            rails: null | components["schemas"]["RailsResult"];
            /** @description Readings that newer ones replaced, or that a danger has made say nothing. */
            earlier: components["schemas"]["Reading"][];
            /** @description May it be taken now? */
            may: components["schemas"]["Permit"];
            /** @description It was through, and a danger was found since, or a board was worked on. */
            lapsed: boolean;
            /** @description The work on a board by which it lapsed; empty where it is another reason. */
            since: string;
        };
        PriceAsk: {
            /**
             * Format: double
             * @description In the workshop's currency.
             */
            price: number;
        };
        /** @description From so many packs on, one pack costs so much. */
        PriceBreak: {
            /** Format: int32 */
            fromPacks: number;
            /** Format: double */
            packPrice: number;
        };
        /** @description RFC 9457. Nothing was changed. */
        Problem: {
            title?: string;
            /** @description A whole sentence. */
            detail?: string;
            status?: number;
            /** @description Sentences by the field's path, as it was sent. */
            errors?: {
                [key: string]: string[];
            };
            /** @description Where an act is refused: the same as on the screen that proposes it. */
            verdict?: Record<string, never>;
            /** @description Sent again with overruleReason, it is done. */
            mayBeOverruled?: boolean;
            /** @description The row as it is now (409, 412). */
            current?: Record<string, never>;
        };
        ProblemDetails: {
            type?: null | string;
            title?: null | string;
            /** Format: int32 */
            status?: null | number;
            detail?: null | string;
            instance?: null | string;
        };
        ProfileRow: {
            id: string;
            model: string;
            kind: string;
            class: components["schemas"]["MachineClass"];
            /** Format: int32 */
            yearFrom: null | number;
            /** Format: int32 */
            yearTo: null | number;
            traits: components["schemas"]["Trait"][];
        };
        /** @description One thing measured before and after the work. Runs are kept as readings of channel "before" and "after". */
        Proof: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            what?: string;
            unit?: string;
            better?: components["schemas"]["Better"];
            /**
             * Format: double
             * @description Least step that the instrument shows; 0 when not known.
             */
            resolution?: number;
            /** Format: date-time */
            at?: string;
            /** Format: int32 */
            version?: number;
        };
        ProofEdit: {
            what: string;
            unit: string;
            better: components["schemas"]["Better"];
            /** Format: double */
            resolution: number;
        };
        ProofRow: {
            proof: components["schemas"]["Proof"];
            runs: components["schemas"]["Run"][];
            comparison: null | components["schemas"]["Comparison"];
            /** Format: int32 */
            runsNeeded: number;
        };
        PutBackAsk: {
            /** @description Somebody looked a second time that everything is the right way round. */
            secondLook: boolean;
            /** @description Every lead of it is plugged in; left out, each says so by itself. */
            leads?: components["schemas"]["ThreeState"];
        };
        /** @enum {string} */
        Quantity: "capacitance" | "esr" | "leakage" | "volts" | "rippleVolts" | "ohms" | "seconds" | "celsius" | "frames" | "rate";
        /** @description Limits of the house. Defaults: the tolerance tables of desktop supply design guides of the 1990s and 2000s (±5 % positive, ±10 % negative; ripple 50 mV on 3.3 and 5 V, 120 mV on the rest). */
        RailLimits: {
            /** Format: double */
            positiveShare?: number;
            /** Format: double */
            negativeShare?: number;
            /**
             * Format: double
             * @description For rails of 5 V and less.
             */
            lowRailRippleMillivolts?: number;
            /** Format: double */
            otherRippleMillivolts?: number;
            /**
             * Format: double
             * @description At or below this to ground, with the power off, a rail is shorted.
             */
            shortOhms?: number;
            /**
             * Format: double
             * @description At or below this it is low enough to look at again.
             */
            doubtfulOhms?: number;
        };
        /** @description One supply rail as read. */
        RailReading: {
            /** @description As printed, such as "+12 V" or "+5 V sb". */
            name: string;
            /**
             * Format: double
             * @description With its sign; never 0.
             */
            nominalVolts: number;
            /**
             * Format: double
             * @description Read; null when not read yet.
             */
            volts?: null | number;
            /**
             * Format: double
             * @description Peak to peak; null when not read.
             */
            rippleMillivolts?: null | number;
            /**
             * Format: double
             * @description With the power off and the plug out; null when not read.
             */
            ohmsToGround?: null | number;
        };
        RailReadingAsk: {
            rail: string;
            quantity: components["schemas"]["Quantity"];
            /**
             * Format: double
             * @description In volts, volts of ripple or ohms, by Quantity.
             */
            value: number;
            source: string;
            /** @description What it was read with; left out, it is what the source names, else not known. Ripple passes by an oscilloscope alone. */
            instrument?: components["schemas"]["Instrument"];
        };
        RailResult: {
            /** @description The rail. */
            name: string;
            /**
             * Format: double
             * @description Nearer to zero or not, the lower number.
             */
            leastVolts: number;
            /**
             * Format: double
             * @description The higher number; both count as within.
             */
            mostVolts: number;
            /**
             * Format: double
             * @description Peak to peak.
             */
            mostRippleMillivolts: number;
            /** Format: double */
            volts: null | number;
            /** Format: double */
            rippleMillivolts: null | number;
            /** Format: double */
            ohmsToGround: null | number;
            /** @description Yes is within; unknown is not read. */
            outcome: components["schemas"]["Outcome"];
            /** @description A few words for the row. */
            sentence: string;
        };
        RailsAsk: {
            rails: components["schemas"]["RailReading"][];
            /**
             * @description A stated load hangs on the supply.
             * @default false
             */
            loaded: boolean;
            /**
             * @description A mains part that stays closed.
             * @default true
             */
            supplyIsInternal: boolean;
            limits?: null | components["schemas"]["RailLimits"];
        };
        RailsResult: {
            /** @description May it go on? */
            verdict: components["schemas"]["Verdict"];
            /** @description Each rail against its limits. */
            rails: components["schemas"]["RailResult"][];
            /** @description The figures used. */
            limits: components["schemas"]["RailLimits"];
        };
        RanAsk: {
            ran: components["schemas"]["LastRan"];
            /**
             * @description Whose word it is, or what was seen when it ran here.
             * @default
             */
            word: string;
        };
        /** @description Where a room says that a piece of work lies, by what machines are made of. */
        Reach: {
            piece: components["schemas"]["PieceKind"];
            /** @description That piece itself is out for it; otherwise what is in front of it is enough. */
            out: boolean;
            /**
             * Format: uuid
             * @description The piece of the strip-down's record, where it is one.
             */
            step?: null | string;
        };
        ReactanceAnswer: {
            /** Format: double */
            ohms: number;
            sentence: string;
        };
        ReactanceAsk: {
            /** Format: double */
            microfarads: number;
            /** Format: double */
            hertz: number;
        };
        /**
         * @description One value read, in the base SI unit of its quantity (F, Ω, A, V, s, °C). Readings are never changed: a newer one of the
         *     same subject, channel and quantity stands in its place and the older one is kept; a wrong one is struck.
         */
        Reading: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            subjectKind?: components["schemas"]["SubjectKind"];
            /** Format: uuid */
            subjectId?: string;
            /** @description Rail name; "old" or "new" part; "before" or "after". */
            channel?: string;
            quantity?: components["schemas"]["Quantity"];
            /** Format: double */
            value?: number;
            /** Format: double */
            frequencyHertz?: null | number;
            inCircuit?: boolean;
            /** @description "typed", or the meter's own identification. */
            source?: string;
            /** @description What it was read with. */
            instrument?: components["schemas"]["Instrument"];
            /**
             * Format: double
             * @description The smallest step that the range shows, in the unit of the quantity; null when nobody said.
             */
            step?: null | number;
            /** Format: date-time */
            at?: string;
            struck?: boolean;
        };
        /** @description Why, in one sentence, with the figure and where its limit comes from. */
        Reason: {
            /** @description A whole sentence. */
            text: string;
            figure?: null | components["schemas"]["Figure"];
            /** @description Standard, data sheet convention or practice that the rule is taken from. */
            source?: null | string;
        };
        /** @enum {string} */
        RebuildAct: "putBack" | "test";
        RebuildOrderAsk: {
            pieces: components["schemas"]["RebuildPiece"][];
            /**
             * Format: int32
             * @description Search limit; 20 000 when left out, which is also the most.
             * @default 20000
             */
            mostStates: number;
        };
        /** @description One piece as the rebuild's order needs it. */
        RebuildPiece: {
            /** @description Any text that names it once. */
            id: string;
            /**
             * Format: int32
             * @description Its strip-down step; also the tie-break: the last off goes on first.
             */
            number: number;
            /** @description "Drive cage". */
            title: string;
            /** @description Ids of the pieces that had to be off first; they go on after it. */
            behind: string[];
            /** @description How the machine lies for it. */
            lies?: components["schemas"]["Orientation"];
            /** @description Trays that its fasteners lie in. */
            trays?: null | string[];
            /**
             * @description A test that is due once it is on and before anything covers it; empty for none.
             * @default
             */
            testBeforeCovered: string;
            /**
             * Format: date-time
             * @description It is not ready before this (drying, curing, the post); null when it is ready.
             */
            readyAt?: null | string;
            /**
             * @description What that wait is.
             * @default
             */
            waitsFor: string;
            /**
             * @description It does not go back.
             * @default false
             */
            staysOut: boolean;
            /**
             * @description What goes in instead; empty for itself.
             * @default
             */
            exchangedFor: string;
            /**
             * @description It is on already.
             * @default false
             */
            backIn: boolean;
            /**
             * @description Its test is done.
             * @default false
             */
            tested: boolean;
            /** @description Covers are named as such in the reasons. */
            kind?: components["schemas"]["PieceKind"];
            /**
             * @description It waits, and nobody can say until when: it comes last, until somebody says that it is ready.
             * @default false
             */
            endless: boolean;
        };
        RebuildPieceRow: {
            row: components["schemas"]["StripStepRow"];
            /** @description Why it may not go back now; null when it may. */
            hindrance: null | string;
            /** @description Something of it can go in the wrong way round. */
            wantsSecondLook: boolean;
        };
        RebuildPlan: {
            /** @description Can it be put together? */
            verdict: components["schemas"]["Verdict"];
            /** @description In order; empty when the record contradicts itself. */
            steps: components["schemas"]["RebuildStep"][];
            /**
             * Format: int32
             * @description Times that the machine is turned.
             */
            turns: number;
            /**
             * Format: int32
             * @description Times that another tray is opened.
             */
            trayChanges: number;
            /**
             * Format: int32
             * @description The same for the strip-down simply backwards, for comparison.
             */
            backwardsTurns: number;
            /**
             * Format: int32
             * @description The same.
             */
            backwardsTrayChanges: number;
            /** @description No order has fewer turns, and none with as few turns fewer tray changes. */
            proven: boolean;
            /** @description The shortest contradiction; empty when there is none. */
            loop: components["schemas"]["LoopLink"][];
            /**
             * Format: int32
             * @description No order has fewer; the same as Turns when it is proven.
             * @default 0
             */
            leastTurns: number;
            /**
             * Format: int32
             * @description No order with that many turns opens fewer trays; 0 where nothing is known.
             * @default 0
             */
            leastTrayChanges: number;
        };
        RebuildScreen: {
            plan: components["schemas"]["RebuildPlan"];
            /** @description Every piece, by its id. */
            pieces: components["schemas"]["RebuildPieceRow"][];
            fasteners: components["schemas"]["ReconcileResult"];
            /** @description The strip-down is finished; until then the order is only a look ahead. */
            apart: boolean;
            /** Format: date-time */
            now: string;
        };
        RebuildStep: {
            /** @description The piece. */
            id: string;
            /** Format: int32 */
            number: number;
            act: components["schemas"]["RebuildAct"];
            /** @description An order: "Put back the drive cage". */
            title: string;
            /** @description Why it stands here, most telling first. */
            why: string[];
            /** @description How the machine lies; not known when it may stay as it is. */
            lies: components["schemas"]["Orientation"];
            /** @description The machine is turned before this. */
            turn: boolean;
            /** @description Trays opened for it. */
            opens: string[];
            /**
             * Format: date-time
             * @description It has to wait until then; null where it does not wait, or nobody knows for how long.
             */
            waitUntil: null | string;
            /**
             * @description It has to wait.
             * @default false
             */
            waits: boolean;
        };
        /**
         * @description The two schools of recapping, a policy of the machine.
         * @enum {string}
         */
        RecapPolicy: "evidence" | "preventive";
        RecapWork: {
            /** Format: int32 */
            parts: number;
            /**
             * Format: int32
             * @description How many of the parts.
             */
            surfaceMount: number;
            /**
             * Format: int32
             * @description How many of them weep.
             */
            weeping: number;
            /**
             * Format: int32
             * @description How many sit in wide copper.
             */
            wideCopper: number;
            /**
             * Format: double
             * @description What a working board like it costs.
             */
            worth: number;
            /**
             * Format: double
             * @description Asked by somebody who does it; null when nobody was asked.
             */
            servicePrice: null | number;
            /** Format: int32 */
            serviceDays: null | number;
            experience: components["schemas"]["SolderExperience"];
            owned: components["schemas"]["BenchTool"][];
            /**
             * Format: double
             * @default 0
             */
            hourWorth: number;
        };
        ReconcileAsk: {
            fasteners: components["schemas"]["FastenerFact"][];
            spares?: null | components["schemas"]["SpareFastener"][];
        };
        ReconcileResult: {
            /** @description Is every fastener accounted for? */
            verdict: components["schemas"]["Verdict"];
            rows: components["schemas"]["FastenerRow"][];
            /** Format: int32 */
            out: number;
            /** Format: int32 */
            in: number;
            /** Format: int32 */
            inTrays: number;
            /** Format: int32 */
            leftOver: number;
            /** Format: int32 */
            missingFromBefore: number;
            /** Format: int32 */
            wrong: number;
        };
        /** @description An act that this machine's findings forbid. */
        RefusedAct: {
            act: string;
            why: string;
        };
        RegisterAsk: {
            turned: components["schemas"]["Turned"];
            pairs: components["schemas"]["SidePair"][];
        };
        RegisterCalcAsk: {
            pairs: components["schemas"]["SidePair"][];
            turned?: components["schemas"]["Turned"];
            /** Format: double */
            widthMillimetres?: null | number;
            /** Format: double */
            heightMillimetres?: null | number;
        };
        /** @description How well the two sides lie on each other. */
        RegistrationResult: {
            /** @description To be added to a mirrored back point. */
            shift: components["schemas"]["Point"];
            /**
             * Format: double
             * @description Root mean square of what is left; null with fewer than two pairs or no scale.
             */
            errorMillimetres: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        ReinspectAsk: {
            looks: components["schemas"]["AreaInspection"][];
            /** Format: date */
            from: string;
            /** Format: double */
            ph?: null | number;
        };
        ReinspectionResult: {
            /**
             * Format: date
             * @description The day to look again.
             */
            on: string;
            /** Format: double */
            months: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @enum {string} */
        ReplacementKind: "likeForLike" | "holderOnLead" | "coinWithSchottky" | "coinWithSilicon" | "coinInHolder" | "rechargeableCoin" | "moduleReworked" | "moduleSocketed" | "moduleOnCarrier" | null;
        /** @description One way to replace a cell, judged. */
        ReplacementOption: {
            /** @description Which way. */
            kind: components["schemas"]["ReplacementKind"];
            /** @description In words, with what is fitted. */
            name: string;
            /** @description Of what is fitted. */
            chemistry: components["schemas"]["CellChemistry"];
            /**
             * Format: double
             * @description At the chip when new, after any diode.
             */
            freshVolts: number;
            /**
             * Format: double
             * @description At the chip when its chemistry is empty.
             */
            endVolts: number;
            run: null | components["schemas"]["RunTimeResult"];
            /** @description What has to be done to the board. */
            asksOfBoard: string[];
            /**
             * Format: double
             * @description When to look at it.
             */
            checkAfterYears: number;
            /** @description Will it do? */
            verdict: components["schemas"]["Verdict"];
            /** @description What leaks out of it in the end. */
            leaks: components["schemas"]["LeakReaction"];
            /** @description Where it sits then: what would be eaten. */
            sits: string;
            /** @description Room that it takes. */
            space: string;
            /**
             * Format: double
             * @description Of a lead to it; null when it sits on the board.
             */
            leadMillimetres: null | number;
            /** @description What can be spoilt by doing it, and how likely; empty when nothing to speak of. */
            risk: string;
            /** @description Volts at the chip over its life; empty without a drain or when the board charges it. */
            curve: components["schemas"]["VoltsPoint"][];
        };
        ReplacementPlan: {
            /** @description Best first under the school; refused ones last. */
            options: components["schemas"]["ReplacementOption"][];
            /** @description May the old cell come out now? */
            data: components["schemas"]["Verdict"];
            /**
             * Format: double
             * @description The drop used.
             */
            schottkyVolts: number;
            /**
             * Format: double
             * @description The drop used.
             */
            siliconVolts: number;
        };
        /** @description Something that could be done so that it is ready after all. */
        Rescue: {
            name: string;
            /**
             * Format: double
             * @description In whatever one counts: money, favours.
             * @default 0
             */
            cost: number;
            /**
             * @description With Hours: who gets more of them.
             * @default
             */
            person: string;
            hours?: null | components["schemas"]["Window"][];
            /** @description Ids of tasks that are left out. */
            without?: null | string[];
        };
        RescueAsk: {
            plan: components["schemas"]["ScheduleAsk"];
            /**
             * Format: int32
             * @description The day, in minutes from now.
             */
            readyBy: number;
            rescues?: null | components["schemas"]["Rescue"][];
            /**
             * Format: int32
             * @description 1,000 unless said.
             * @default 1000
             */
            runs: number;
            /**
             * Format: int32
             * @default 1
             */
            seed: number;
            /** @description Of which each is told by itself. */
            groups?: null | components["schemas"]["PlanGroup"][];
        };
        RescueResult: {
            name: string;
            /** Format: double */
            cost: number;
            /** Format: double */
            chance: number;
            /**
             * Format: double
             * @description In chance.
             */
            gain: number;
        };
        ReserveAsk: {
            /**
             * Format: uuid
             * @description One part; or
             */
            partId?: null | string;
            overruleReason?: null | string;
            /** @description the two of a pair, the same one twice when it serves twice. */
            partIds?: null | string[];
        };
        ReservedFor: {
            /** Format: uuid */
            machineId: string;
            machine: string;
            /** Format: uuid */
            capacitorId: string;
            designator: string;
        };
        /**
         * @description Schools of replacement, a policy of the machine.
         * @enum {string}
         */
        RestorationPolicy: "asShipped" | "periodUpgrade" | "modernInside";
        /**
         * @description What a board lies on while it is powered out of its case.
         * @enum {string}
         */
        RestsOn: "notKnown" | "insulator" | "staticBag" | "bareMetal";
        RinseAnswer: {
            /** Format: int32 */
            rinses: number;
            /** Format: double */
            left: number;
            sentence: string;
        };
        RinseAsk: {
            /** Format: double */
            filmMillilitres: number;
            /** Format: double */
            waterMillilitres: number;
            /**
             * Format: double
             * @default 0.001
             */
            share: number;
        };
        RiskAnswer: {
            risk: components["schemas"]["CapacitorRiskResult"];
            comesOut: components["schemas"]["Verdict"];
        };
        RiskAsk: {
            spec: components["schemas"]["CapacitorSpec"];
            /** Format: int32 */
            madeYear: null | number;
            role?: components["schemas"]["CapacitorRole"];
            signs?: null | components["schemas"]["CapacitorSign"][];
            readings?: null | components["schemas"]["CapacitorReadings"];
            school?: components["schemas"]["RecapPolicy"];
            /** @default C1 */
            designator: string;
        };
        RiskRow: {
            /** Format: uuid */
            machineId: string;
            machine: string;
            /**
             * Format: double
             * @description That it is ready by its day.
             */
            chance: number;
            /** Format: date-time */
            readyAt: null | string;
            /** Format: date-time */
            dueAt: string;
        };
        /**
         * @description How one rule of substitution went for one candidate.
         * @enum {string}
         */
        RuleResult: "met" | "justMet" | "broken" | "notKnown" | "open";
        Run: {
            /** Format: uuid */
            id: string;
            side: string;
            /** Format: double */
            value: number;
            /** Format: date-time */
            at: string;
        };
        RunAsk: {
            /** @description before or after. */
            side: string;
            /** Format: double */
            value: number;
        };
        RunTimeAsk: {
            chemistry: components["schemas"]["CellChemistry"];
            /** Format: double */
            milliampHours: number;
            /** Format: double */
            drainMicroamps: number;
            /**
             * Format: double
             * @description At which the chip still keeps its data; the chemistry's end volts when left out.
             */
            leastVoltsPerCell?: null | number;
        };
        RunTimeResult: {
            /** @description Until the volts no longer suffice. */
            years: components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description Share of the capacity that lies above the least volts.
             */
            usableShare: number;
            /**
             * Format: double
             * @description When to look at it: before the low end, and no later than its chemistry leaks.
             */
            checkAfterYears: number;
            sentence?: string;
        };
        Rung: {
            /** @description Id. */
            method: string;
            name: string;
            /** Format: int32 */
            strength: number;
            /**
             * Format: double
             * @description That it takes most of it off, 0 to 1.
             */
            chance: number;
            /** @description First in a hidden place, waited for, looked at. */
            spotTest: boolean;
            state: components["schemas"]["RungState"];
            /** @description Of one that is out; empty otherwise. */
            why: string;
        };
        /**
         * @description Where a rung stands.
         * @enum {string}
         */
        RungState: "out" | "noChance" | "tried" | "next" | "later";
        RustAsk: {
            /**
             * Format: double
             * @description Of the area, from a photo or by eye.
             */
            rustedPercent: number;
            coating: components["schemas"]["Coating"];
            reach?: components["schemas"]["ToolReach"];
            /** @description A leak's residue lies on it; null when nobody looked. */
            residue?: null | boolean;
        };
        RustPhotoAsk: {
            /** Format: uuid */
            photoId: string;
            /** @description Of the panel: top left and on with the clock, as shares of the photo. */
            corners: components["schemas"]["Point"][];
        };
        RustResult: {
            /**
             * Format: int32
             * @description Ri 0 to 5 of ISO 4628-3.
             */
            grade: number;
            /** @description In order. */
            steps: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A sample of paint beside the part that it is to look like. */
        SampleApart: {
            /**
             * Format: double
             * @description ΔE00; null where the photo cannot be used.
             */
            apart: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description A sample of paint and the part in one photo, under one card. */
        SamplePhotoAsk: {
            /** Format: uuid */
            photoId: string;
            kind: components["schemas"]["CardKind"];
            card: components["schemas"]["TappedCard"][];
            /** @description A clean place on the part. */
            part: components["schemas"]["Point"];
            /** @description A place on the dried test card, or on the sample. */
            sample: components["schemas"]["Point"];
        };
        SaveProfileAsk: {
            /** @description What it is saved under; the next machine of this model gets the order with its traps. */
            model: string;
        };
        ScaleAnswer: {
            /** Format: double */
            widthMillimetres: number;
            /** Format: double */
            heightMillimetres: number;
            sentence: string;
        };
        ScaleAsk: {
            side: components["schemas"]["Side"];
            known: components["schemas"]["KnownLength"];
        };
        ScaleCalcAsk: {
            known: components["schemas"]["KnownLength"];
            /** Format: int32 */
            pixelsWide: number;
            /** Format: int32 */
            pixelsHigh: number;
        };
        /** @description What is to be planned. Minutes count from now. */
        ScheduleAsk: {
            tasks?: components["schemas"]["PlanTask"][];
            people?: components["schemas"]["PlanPerson"][];
            places?: components["schemas"]["PlanPlace"][];
            /**
             * Format: double
             * @description Seconds that may be spent on a better one; 0 for the first plan alone.
             */
            seconds?: number;
        };
        ScheduleResult: {
            tasks: components["schemas"]["PlannedTask"][];
            unplanned: components["schemas"]["Unplanned"][];
            /**
             * Format: int32
             * @description The latest of all; null where nothing is planned.
             */
            readyAt: null | number;
            /**
             * Format: int32
             * @description No plan is ready before.
             */
            bound: number;
            /**
             * Format: double
             * @description Of the latest readiness over the bound, as a share.
             */
            gap: null | number;
            /**
             * Format: int32
             * @description Minutes that tasks are over their deadlines, summed.
             */
            late: number;
            proven: boolean;
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description Where a soil sits.
         * @enum {string}
         */
        Seat: "notKnown" | "on" | "in" | "behind" | "surface";
        SeatResult: {
            seat: components["schemas"]["Seat"];
            /** @description The mildest test that would say more; empty where none is needed. */
            next: string;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description What mild tests have shown, each harmless by itself. */
        SeatTests: {
            /** @description A white swab with a little water, turned on it for a minute, comes away coloured. */
            swabTakes?: components["schemas"]["ThreeState"];
            /** @description It moves against the surface when the head does. Asked of clear parts only. */
            moves?: components["schemas"]["ThreeState"];
            nail?: components["schemas"]["NailFeels"];
            /** @description A swab with alcohol comes away coloured, where a hidden place bore it. */
            spiritTakes?: components["schemas"]["ThreeState"];
            /** @description It looks the same where light never reached, under a label or a flange. */
            sameUnderCover?: components["schemas"]["ThreeState"];
        };
        SeatingCheck: {
            /** @description Of what is looked at. */
            id: string;
            /** @description An order. */
            title: string;
            /** @description From this machine's own record. */
            why: string;
            /**
             * Format: double
             * @description How likely it is the fault, as a share of everything listed; from practice and from what was touched.
             */
            share: number;
            /**
             * Format: int32
             * @description To look.
             */
            minutes: number;
        };
        SegmentsAsk: {
            segments: components["schemas"]["TraceFacts"][];
        };
        SendAsk: {
            /**
             * Format: double
             * @description As the screen showed it: a plan that has moved meanwhile is not sent unseen.
             */
            cost: number;
            /** Format: double */
            spareShare: number;
            /** Format: int32 */
            spareLeast: number;
            /** Format: int32 */
            latestDays: null | number;
        };
        SentAnswer: {
            /** Format: uuid */
            logId: string;
            sentence: string;
            troubles: string[];
        };
        Series: {
            /**
             * Format: int32
             * @description Runs.
             */
            count: number;
            /**
             * Format: double
             * @description Middle value; the mean of the two middle ones of an even count.
             */
            median: number;
            /**
             * Format: double
             * @description First quartile.
             */
            spreadLow: number;
            /**
             * Format: double
             * @description Third quartile.
             */
            spreadHigh: number;
        };
        SeriesAsk: {
            /** Format: double */
            referenceStart?: null | number;
            /** Format: double */
            referenceEnd?: null | number;
            repeats?: null | number[];
            /** Format: double */
            mostDriftShare?: null | number;
            /** Format: double */
            mostScatterShare?: null | number;
        };
        SeriesCheck: {
            /**
             * Format: double
             * @description Of the reference part, start to end.
             */
            driftShare: null | number;
            /**
             * Format: double
             * @description Of one part read again.
             */
            scatterShare: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        ServiceAgainAsk: {
            from: components["schemas"]["MechanismStep"];
        };
        Session: {
            /** @description No sign-in is asked: only this machine can reach it. */
            open: boolean;
            signedIn: boolean;
            /** @description To be sent as X-Haar-Token with every act. */
            token: string;
            workshopName: string;
            cautions: components["schemas"]["Caution"][];
        };
        /** @description A panel, cover or frame of sheet steel that is freed of rust, and painted where it was. */
        SheetMetal: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            name?: string;
            /**
             * Format: uuid
             * @description The piece of the strip-down or the finding that it was put down for.
             */
            fromId?: null | string;
            /**
             * Format: double
             * @description Share of it that is rusted, percent; null when nobody looked.
             */
            rustedPercent?: null | number;
            /**
             * Format: uuid
             * @description By a photo, and not by eye.
             */
            photoId?: null | string;
            coating?: components["schemas"]["Coating"];
            reach?: components["schemas"]["ToolReach"];
            /** @description Something leaked near it. Not known counts as yes. */
            leaked?: components["schemas"]["ThreeState"];
            /** @description Threads, rails or earth points on it. Not known counts as yes. */
            working?: components["schemas"]["ThreeState"];
            bent?: components["schemas"]["ThreeState"];
            /** Format: double */
            squareCentimetres?: number;
            /**
             * Format: int32
             * @description Of top coat; 0 for none.
             */
            coats?: number;
            paint?: components["schemas"]["PaintFacts"];
            /**
             * Format: double
             * @description By the sheet, until it is handled.
             */
            cureHours?: number;
            sheet?: components["schemas"]["FinishSheet"];
            /** Format: int32 */
            version?: number;
            next?: components["schemas"]["FinishStep"];
        };
        ShelfAsk: {
            chemistry: components["schemas"]["CellChemistry"];
            /** Format: double */
            milliampHours: number;
            /** Format: double */
            years: number;
        };
        ShelfLine: {
            /** @description As the work asks for it. */
            kind: string;
            /** Format: double */
            left: number;
            unit?: components["schemas"]["SupplyUnit"];
            /**
             * Format: date
             * @description The last day on which it is good; null keeps.
             */
            keepsUntil?: null | string;
            /** @default false */
            tool: boolean;
        };
        ShelfResult: {
            /**
             * Format: double
             * @description By self-discharge alone.
             */
            leftMilliampHours: number;
            /** Format: double */
            leftShare: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** @description One configuration in which a machine was sold. */
        ShippedConfiguration: {
            id: string;
            name: string;
            items: components["schemas"]["ShippedItem"][];
        };
        /** @description One item of a configuration as it was sold. */
        ShippedItem: {
            /** @description Where it sits or what it is for: "drive", "graphics card", "supply". */
            slot: string;
            /** @description What was sold there, such as "105 MB SCSI drive"; several makers' are told apart by " or ". */
            what: string;
        };
        ShippedScreen: {
            result: components["schemas"]["AsShippedResult"];
            /** @description As recorded, by id. */
            found: components["schemas"]["FoundItem"][];
            /** @description Every slot that any configuration has, for the list to choose from. */
            slots: string[];
            hasProfile: boolean;
        };
        /** @description One kind of part to be bought, wherever one buys it. */
        ShoppingLine: {
            /** @description The same for the same list: names a price that was typed in. */
            key: string;
            /** @description "47 µF". */
            value: string;
            /** @description "16 V or more"; empty where the old part's are not known. */
            volts: string;
            /** @description "electrolytic". */
            kind: string;
            /** @description "105 °C"; empty where it is not known. */
            celsius: string;
            /** @description What it has to fit, in millimetres; empty where nothing was measured. */
            size: string;
            /**
             * Format: int32
             * @description With its spares.
             */
            pieces: number;
            /** Format: int32 */
            spares: number;
            /** @description "Newsletter desktop C14", in order. */
            for: string[];
        };
        /** @description What will run short: the shelf against all of the plan, in time for the post. */
        ShortSupply: {
            supply: string;
            /** Format: double */
            missing: number;
            unit: components["schemas"]["SupplyUnit"];
            /**
             * Format: date-time
             * @description When there is no longer enough.
             */
            wantedAt: string;
            for: string;
            /**
             * Format: date
             * @description The last day on which an order comes in time; null where nobody has said how long one takes.
             */
            orderBy: null | string;
            /** @description That day is past. */
            late: boolean;
            instead: string[];
        };
        ShortsAsk: {
            rails: components["schemas"]["RailReading"][];
            limits?: null | components["schemas"]["RailLimits"];
        };
        /**
         * @description Which face of a board one looks at.
         * @enum {string}
         */
        Side: "front" | "back";
        /** @description How a point of one side is found on the other: x becomes `XTimes · x + XPlus`, and y the same. The drawing has its figures from here. */
        SideOnSide: {
            /** Format: double */
            xTimes: number;
            /** Format: double */
            xPlus: number;
            /** Format: double */
            yTimes: number;
            /** Format: double */
            yPlus: number;
        };
        /** @description One hole or pin seen on both sides. */
        SidePair: {
            front: components["schemas"]["Point"];
            back: components["schemas"]["Point"];
        };
        /** @description One side of a board as it is shown. */
        SideSheet: {
            /** Format: uuid */
            photoId: null | string;
            hash: null | string;
            /**
             * Format: uuid
             * @description The photo as taken, when the picture was straightened.
             */
            takenId: null | string;
            takenHash: null | string;
            /**
             * Format: int32
             * @description Of the picture; 0 when there is none.
             */
            pixelsWide: number;
            /** Format: int32 */
            pixelsHigh: number;
            /** Format: double */
            widthMillimetres: null | number;
            /** Format: double */
            heightMillimetres: null | number;
            corners: components["schemas"]["Point"][];
        };
        SignInAsk: {
            passphrase: string;
        };
        SignificanceAsk: {
            before: number[];
            after: number[];
            /** @default it */
            what: string;
            /** @default  */
            unit: string;
            better?: components["schemas"]["Better"];
            /**
             * Format: double
             * @description Least step that the instrument shows; 0 when left out.
             * @default 0
             */
            resolution: number;
            /**
             * Format: double
             * @description Chance of a false alarm that is borne; 0.05 when left out.
             * @default 0.05
             */
            alpha: number;
        };
        /**
         * @description How dead it is, which moves what is likely.
         * @enum {string}
         */
        Silence: "nothingAtAll" | "fansOnly" | "beepsOnly" | "noPicture";
        /**
         * @description What slides or turns on what.
         * @enum {string}
         */
        Sliding: "notKnown" | "metalOnMetal" | "sinteredSleeve" | "ballBearing" | "metalOnPlastic" | "plasticOnPlastic" | "plasticGears" | "rubberOrBelt" | "headOrOptics" | "contact";
        /** @description It lies in a bath. A bath is a place that one thing at a time holds. */
        Soak: {
            /** @description Id; empty where it is whitened, and its session ends it. */
            method: string;
            /** @description Its name. */
            tray: string;
            /** Format: date-time */
            from: string;
            /**
             * Format: date-time
             * @description When one goes and looks.
             */
            until: string;
            /** Format: double */
            litres: number;
            /**
             * Format: double
             * @description Out of the bottle; null where it is not diluted.
             */
            stockMillilitres: null | number;
        };
        /**
         * @description What is to come off.
         * @enum {string}
         */
        Soil: "notKnown" | "dust" | "grease" | "vapourFilm" | "odour" | "mould" | "droppings" | "adhesive" | "paint" | "ink" | "oxide" | "salt" | "alkalineLeak" | "acidLeak" | "tarnish" | "crumbledFoam" | "driedHeatCompound" | "flux";
        /** @enum {string} */
        SolderExperience: "never" | "few" | "practised";
        /** @description How far the work on one part has come; a null instant is a step not yet done. */
        SolderSheet: {
            /**
             * Format: int32
             * @description How often the work was done before this.
             */
            round?: number;
            /** Format: date-time */
            notedAt?: null | string;
            /** @description Where pin 1, a notch or a key points, seen with the part's side of the board in front. */
            wayBefore?: components["schemas"]["Direction"];
            /** Format: date-time */
            removedAt?: null | string;
            /** Format: date-time */
            padsAt?: null | string;
            pads?: null | components["schemas"]["PadState"];
            /** Format: date-time */
            mendedAt?: null | string;
            /** Format: date-time */
            cleanedAt?: null | string;
            /** Format: date-time */
            solderedAt?: null | string;
            flux?: components["schemas"]["Flux"];
            /** Format: date-time */
            wayAt?: null | string;
            waySeen?: components["schemas"]["Direction"];
            /** Format: date-time */
            countedAt?: null | string;
            /**
             * Format: uuid
             * @description The photo on which the joints were counted.
             */
            photoId?: null | string;
            joints?: components["schemas"]["JointMark"][];
            /** Format: date-time */
            measuredAt?: null | string;
            /**
             * Format: int32
             * @description Pairs of neighbours that were measured.
             */
            pairs?: number;
            /** @description Pairs that read joined and are joined by the board itself: "12-13, both ground". */
            joinedByBoard?: string[];
            /** Format: date-time */
            washedAt?: null | string;
            /** Format: date-time */
            driedAt?: null | string;
        };
        /** @enum {string} */
        SolderStep: "note" | "remove" | "checkPads" | "mendPads" | "clean" | "solder" | "checkWayRound" | "countJoints" | "measureNeighbours" | "wash" | "dry" | null;
        SolderStepAsk: {
            step: components["schemas"]["SolderStep"];
            pads?: null | components["schemas"]["PadState"];
            /** @description Where pin 1, a notch or a key points. */
            way?: components["schemas"]["Direction"];
            flux?: null | components["schemas"]["Flux"];
            /**
             * Format: uuid
             * @description Of the joints, with Joints: each pin tapped on it.
             */
            photoId?: null | string;
            joints?: null | components["schemas"]["JointMark"][];
            /**
             * Format: int32
             * @description Neighbours that were measured.
             */
            pairs?: null | number;
            /** @description Pairs that read joined, such as 4-5. */
            bridged?: null | string[];
            /** @description Of these, those that the board itself joins. */
            joinedByBoard?: null | string[];
            overruleReason?: null | string;
        };
        SolderStepRow: {
            step: components["schemas"]["SolderStep"];
            words: string;
            /** Format: date-time */
            at: null | string;
        };
        /** @enum {string} */
        SolderTool: "twoIrons" | "ironAndWick" | "hotAir";
        /** @enum {string} */
        SolderWork: "exchange" | "resolder";
        SolderedEdit: {
            name: string;
            kind: components["schemas"]["SolderedKind"];
            work: components["schemas"]["SolderWork"];
            why: string;
            side: components["schemas"]["Side"];
            /** Format: double */
            x: null | number;
            /** Format: double */
            y: null | number;
            /** Format: int32 */
            pins: number;
            /** Format: int32 */
            rows: number;
            hasWayRound: components["schemas"]["ThreeState"];
            openContacts: components["schemas"]["ThreeState"];
            lacquer: components["schemas"]["Lacquer"];
            /**
             * Format: date-time
             * @description When a fresh coat was put on; null when nobody knows.
             */
            lacqueredAt: null | string;
            /** Format: double */
            cureHours: null | number;
        };
        /**
         * @description What it is, as far as it decides how its pins lie beside one another and whether flux can run into it.
         * @enum {string}
         */
        SolderedKind: "connector" | "switch" | "socket" | "chip" | "other";
        /** @description A part that is soldered in and is no capacitor: a connector, a switch, a socket, a chip. */
        SolderedPart: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /** Format: uuid */
            boardId?: string;
            name?: string;
            kind?: components["schemas"]["SolderedKind"];
            work?: components["schemas"]["SolderWork"];
            /** @description Why: "pin 7 broken", "cracked joints". */
            why?: string;
            side?: components["schemas"]["Side"];
            /** Format: double */
            x?: null | number;
            /** Format: double */
            y?: null | number;
            /** Format: int32 */
            pins?: number;
            /**
             * Format: int32
             * @description Rows of pins; of a chip or socket, sides that have pins.
             */
            rows?: number;
            /** @description It can be put in wrongly: it has a pin 1, a key, a latch's side. Not known counts as yes. */
            hasWayRound?: components["schemas"]["ThreeState"];
            /** @description Its contacts lie open to what runs along the pins. Not known counts as yes for what plugs or switches. */
            openContacts?: components["schemas"]["ThreeState"];
            lacquer?: components["schemas"]["Lacquer"];
            /**
             * Format: date-time
             * @description When the fresh coat was put on.
             */
            lacqueredAt?: null | string;
            /**
             * Format: double
             * @description How long the coat cures, by its can; null when nobody read it.
             */
            cureHours?: null | number;
            sheet?: components["schemas"]["SolderSheet"];
            /** Format: int32 */
            version?: number;
            next?: components["schemas"]["SolderStep"];
        };
        SolderedRow: {
            part: components["schemas"]["SolderedPart"];
            next: null | components["schemas"]["SolderStep"];
            nextWords: string;
            /**
             * Format: int32
             * @description Pairs of its pins that lie beside one another.
             */
            neighbours: number;
            /** @description Those that this part has, in order, each with when it was done. */
            steps: components["schemas"]["SolderStepRow"][];
            /** @description What stands in the way of its next step, or how its joints are. */
            verdict: components["schemas"]["Verdict"];
            flux: components["schemas"]["Verdict"];
            photoHash: null | string;
        };
        SomethingElse: {
            choices: components["schemas"]["ElseRow"][];
            verdict: components["schemas"]["Verdict"];
        };
        SomethingElseAsk: {
            person: string;
            /**
             * Format: int32
             * @description They have no longer; null for as long as it takes.
             */
            mostMinutes?: null | number;
            /** @description Places that they will not use: the iron. */
            without?: null | string[];
            /**
             * @description Their hands are: no clean work.
             * @default false
             */
            dirty: boolean;
            /**
             * @description Sitting down only.
             * @default false
             */
            seated: boolean;
            /** @description Ids that were offered already. */
            notThese?: null | string[];
        };
        Sorted: {
            /** Format: uuid */
            logId: string;
            sentence: string;
            machines: string[];
            /**
             * Format: int32
             * @description Good parts of donors that now stand in the store.
             */
            partsInStore: number;
        };
        /** @description Spares in the store. */
        SpareFastener: {
            id: string;
            thread: string;
            /** Format: double */
            lengthMillimetres: number;
            head: string;
            /** Format: int32 */
            quantity: number;
            place: string;
        };
        SpeedAsk: {
            /** Format: double */
            measured: number;
            /** Format: double */
            nominal: number;
            /**
             * Format: double
             * @default 0.015
             */
            mostOffShare: number;
        };
        /**
         * @description The eleven stages of a machine's life in the workshop, in the order in which the work goes. A machine may go back.
         * @enum {string}
         */
        Stage: "arrive" | "survey" | "stripDown" | "boards" | "case" | "parts" | "rebuild" | "bringUp" | "system" | "prove" | "handOver";
        /** @description A person's word that a stage needs nothing more, with a reason. */
        StageClosing: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            stage?: components["schemas"]["Stage"];
            reason?: string;
            /** Format: date-time */
            at?: string;
        };
        /** @description One basin of a machine's tideline. */
        StageProgress: {
            stage: components["schemas"]["Stage"];
            /**
             * Format: double
             * @description Share of the stage's work that is done, 0 to 1.
             */
            level: number;
            /** @description Its colour and mark. */
            state: components["schemas"]["StageState"];
            /** @description A word or two beneath; empty when nothing. */
            waits: string;
            /**
             * Format: date-time
             * @description When a wait without hands ends.
             */
            waitUntil: null | string;
        };
        StageScreen: {
            stage: components["schemas"]["Stage"];
            jobs: components["schemas"]["Job"][];
            closing: null | components["schemas"]["StageClosing"];
            /** @description Of jobs that a screen does, by the job: battery, capacitors. */
            screens: {
                [key: string]: string;
            };
            /** @description Of jobs of which nobody has said who may do them, and whose words say something: what they propose. */
            guessed: {
                [key: string]: components["schemas"]["WorkFor"];
            };
        };
        /** @enum {string} */
        StageState: "empty" | "begun" | "here" | "waiting" | "stopped" | "done";
        /** @description Whether something at hand may stand in for what has run out. */
        StandIn: {
            /** @description What is wanted. */
            for: string;
            /** @description What is at hand. */
            of: string;
            may: components["schemas"]["Outcome"];
            why: string;
            /**
             * @description What has to be so; empty for nothing.
             * @default
             */
            if: string;
            /**
             * Format: double
             * @description How much of it does what one of the other does.
             * @default 1
             */
            share: number;
        };
        StandInAsk: {
            wanted: string;
            atHand: string;
        };
        StartSessionAsk: {
            bleach: components["schemas"]["BleachFacts"];
            /**
             * Format: double
             * @description Until one goes and looks.
             */
            hours: number;
            /** @description Glasses and gloves are on, nothing is sealed. */
            protected?: components["schemas"]["ThreeState"];
            /** @default  */
            tray: string;
            overruleReason?: null | string;
        };
        StartSoakAsk: {
            method: string;
            /** @description Its name: one thing at a time lies in it. */
            tray: string;
            size: components["schemas"]["TrayFacts"];
            /** Format: double */
            stockPercent?: null | number;
            /** Format: double */
            wantedPercent?: null | number;
            /** Format: double */
            leftMillilitres?: null | number;
            /**
             * Format: double
             * @description Until one goes and looks; null takes the method's own time.
             */
            minutes?: null | number;
            /** @default false */
            spotTested: boolean;
        };
        /** @description Spare fasteners of one size. */
        StoreFastener: {
            /** Format: uuid */
            id?: string;
            thread?: string;
            /** Format: double */
            lengthMillimetres?: number;
            head?: string;
            /** Format: int32 */
            quantity?: number;
            place?: string;
            /** Format: int32 */
            version?: number;
        };
        StoreFastenerEdit: {
            thread: string;
            /** Format: double */
            lengthMillimetres: number;
            head: string;
            /** Format: int32 */
            quantity: number;
            place: string;
        };
        /** @description A whole part in the store: a supply, a drive, a board. Where it came from is kept, since that is half of what it is worth. */
        StorePart: {
            /** Format: uuid */
            id?: string;
            kind?: string;
            /** @description What it fits: parts swap where this is the same. */
            fits?: string;
            /** Format: int32 */
            quantity?: number;
            state?: components["schemas"]["PartState"];
            place?: string;
            cameFrom?: string;
            /**
             * Format: uuid
             * @description The donor.
             */
            donorId?: null | string;
            /**
             * Format: uuid
             * @description Set aside for this machine.
             */
            forMachineId?: null | string;
            /** @description Whose it is; empty for the workshop's own. */
            owner?: string;
            /**
             * Format: date
             * @description When it goes back; null where nobody has said. The machine that it is set aside for has to be ready by then.
             */
            dueOn?: null | string;
            /** Format: date-time */
            at?: string;
            /** Format: int32 */
            version?: number;
        };
        StorePartEdit: {
            kind: string;
            fits: string;
            /** Format: int32 */
            quantity: number;
            state: components["schemas"]["PartState"];
            place: string;
            cameFrom: string;
            /**
             * @description Whose it is; empty for the workshop's own.
             * @default
             */
            owner: string;
            /**
             * Format: date
             * @description When it goes back; null where nobody has said.
             */
            dueOn?: null | string;
        };
        StorePartRow: {
            part: components["schemas"]["StorePart"];
            forMachine: null | string;
        };
        StoreScreen: {
            parts: components["schemas"]["StorePartRow"][];
            fasteners: components["schemas"]["StoreFastener"][];
        };
        StraightenAsk: {
            side: components["schemas"]["Side"];
            /**
             * Format: uuid
             * @description The photo as taken.
             */
            photoId: string;
            /** @description Top left, top right, bottom right, bottom left, as shares of it. */
            corners: components["schemas"]["Point"][];
            /**
             * Format: double
             * @description Width over height of the board, where it is known; worked out from the slant when left out.
             */
            aspect?: null | number;
        };
        StraightenCalcAsk: {
            corners: components["schemas"]["Point"][];
            /** Format: int32 */
            photoWidth: number;
            /** Format: int32 */
            photoHeight: number;
            /** Format: double */
            aspect?: null | number;
        };
        /** @description How a photo taken at a slant becomes a picture seen from straight above. */
        StraightenPlan: {
            /**
             * Format: int32
             * @description Of the picture, pixels.
             */
            width: number;
            /**
             * Format: int32
             * @description Of the picture, pixels.
             */
            height: number;
            /** @description Row-major 3 × 3 that takes pixels of the photo to pixels of the picture. */
            matrix: number[];
            /**
             * Format: double
             * @description Width over height of the board itself.
             */
            aspect: number;
            /** @description True when the aspect was worked out from the slant; false when the photo was so straight that the edges' own lengths served. */
            fromPerspective: boolean;
            sentence?: string;
        };
        StrengthAsk: {
            /**
             * Format: double
             * @description What is in the tray now.
             */
            tray: number;
            /**
             * Format: double
             * @description How strong that is.
             */
            trayPercent: number;
            /**
             * Format: double
             * @description How strong it is to be.
             */
            wantedPercent: number;
            /**
             * Format: double
             * @description Of what is in the bottle; null when there is water alone.
             */
            stockPercent?: null | number;
            /**
             * Format: double
             * @description What one bottle holds.
             */
            bottle?: null | number;
            /** @description Of the volumes that are given; answers are in millilitres. */
            unit?: components["schemas"]["VolumeUnit"];
        };
        /** @description A lead or board joint opened at a step. */
        StripConnector: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /** Format: uuid */
            stepId?: string;
            /** @description "50-way ribbon", "3-pin fan lead". */
            kind?: string;
            /** @description Goes in one way only. */
            keyed?: components["schemas"]["ThreeState"];
            /** @description "red edge up", "black towards the speaker". */
            wayRound?: string;
            /** @description Where its lead ran. */
            route?: string;
            marks?: components["schemas"]["PhotoMark"][];
            /** Format: date-time */
            backAt?: null | string;
            /** Format: int32 */
            version?: number;
        };
        StripConnectorAdd: {
            /** Format: uuid */
            id: string;
            connector: components["schemas"]["StripConnectorEdit"];
        };
        StripConnectorEdit: {
            kind: string;
            keyed: components["schemas"]["ThreeState"];
            wayRound: string;
            route: string;
            marks: components["schemas"]["PhotoMark"][];
        };
        /** @description Fasteners of one size from one step: where they came from and where they lie. */
        StripFastener: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /** Format: uuid */
            stepId?: string;
            /** @description As the field writes it: M3, 6-32, 4-40, "self-tapping 3". */
            thread?: string;
            /**
             * Format: double
             * @description Under the head; null when nobody measured.
             */
            lengthMillimetres?: null | number;
            /** @description Pan, countersunk, hex, flange … */
            head?: string;
            /**
             * Format: int32
             * @description How many came out.
             */
            count?: number;
            /**
             * Format: int32
             * @description Holes that were empty before anybody here touched it.
             */
            missingBefore?: number;
            /** @description Which hole or holes: "1 to 4", "left rear". */
            hole?: string;
            marks?: components["schemas"]["PhotoMark"][];
            tray?: string;
            /** @description What lies behind the hole that a longer one would go into; empty when nobody said. */
            pierces?: string;
            returns?: components["schemas"]["FastenerReturn"][];
            /** Format: int32 */
            version?: number;
        };
        StripFastenerAdd: {
            /** Format: uuid */
            id: string;
            fastener: components["schemas"]["StripFastenerEdit"];
        };
        StripFastenerEdit: {
            thread: string;
            /** Format: double */
            lengthMillimetres: null | number;
            head: string;
            /** Format: int32 */
            count: number;
            /** Format: int32 */
            missingBefore: number;
            hole: string;
            marks: components["schemas"]["PhotoMark"][];
            tray: string;
            pierces: string;
        };
        StripProfileConnector: {
            kind: string;
            keyed?: components["schemas"]["ThreeState"];
            /** @default  */
            wayRound: string;
            /** @default  */
            route: string;
        };
        StripProfileFastener: {
            thread: string;
            /** Format: double */
            lengthMillimetres: null | number;
            head: string;
            /** Format: int32 */
            count: number;
            /** @default  */
            hole: string;
            /** @default  */
            pierces: string;
        };
        StripProfileStep: {
            title?: string;
            kind?: components["schemas"]["PieceKind"];
            lies?: components["schemas"]["Orientation"];
            behind?: number[];
            traps?: string[];
            wayRound?: string;
            testBeforeCovered?: string;
            fasteners?: components["schemas"]["StripProfileFastener"][];
            connectors?: components["schemas"]["StripProfileConnector"][];
        };
        StripScreen: {
            steps: components["schemas"]["StripStepRow"][];
            /** Format: int32 */
            nextNumber: number;
            apart: boolean;
            hint: null | components["schemas"]["StripProfileStep"];
            /** @description The recorded steps that it sits behind, by the known order. */
            hintBehind: string[];
            /**
             * Format: int32
             * @description Which of how many.
             */
            hintNumber: number;
            /** Format: int32 */
            hintCount: number;
            /** @description Work that a piece may have to wait for: what is not done in this machine's list. */
            waits: components["schemas"]["Job"][];
            /** @description How the machine lay at the last step. */
            lastLies: components["schemas"]["Orientation"];
            trays: string[];
        };
        /** @description One step of a strip-down: what came off, what it sat behind, and how it goes back. */
        StripStep: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /**
             * Format: int32
             * @description Given when the step arrives and never changed, so that a printed label stays true. Gaps are steps that were taken away.
             */
            number?: number;
            /** @description What came off: "Drive cage". */
            title?: string;
            kind?: components["schemas"]["PieceKind"];
            lies?: components["schemas"]["Orientation"];
            /** @description Steps whose pieces had to be off first: this one sat behind them. */
            behind?: string[];
            /** Format: uuid */
            photoId?: null | string;
            /** @description Orientation marks and anything else pointed out on the photo. */
            marks?: components["schemas"]["PhotoMark"][];
            /** @description What must not be missed about which way round it goes; empty when it fits one way only. */
            wayRound?: string;
            note?: string;
            /** @description What has to be tested once it is back and before anything covers it; empty when nothing. */
            testBeforeCovered?: string;
            /** @description What holds it, where it is a module. */
            latch?: components["schemas"]["Latch"];
            /** @description All that is due once it is back and before anything covers it: latches that are not known to be firm are pressed home, and its test. */
            dueBeforeCovered?: string;
            /** @description What goes in instead of it; empty when it goes back itself. */
            exchangedFor?: string;
            /** @description Stays out for good, like a leaked cell. */
            staysOut?: boolean;
            /**
             * Format: uuid
             * @description A piece of work that must be over first, such as drying or a glue's cure.
             */
            afterJobId?: null | string;
            /**
             * Format: date-time
             * @description When it came off, by the clock of the phone that recorded it.
             */
            at?: string;
            /** @description Which device or person recorded it. */
            by?: string;
            /** Format: date-time */
            backAt?: null | string;
            /**
             * Format: date-time
             * @description Somebody looked a second time that it is the right way round.
             */
            secondLookAt?: null | string;
            /** Format: date-time */
            testedAt?: null | string;
            testSaid?: string;
            /** Format: int32 */
            version?: number;
        };
        StripStepAdd: {
            /**
             * Format: uuid
             * @description Made by the phone, so that a step that is sent twice is one step.
             */
            id: string;
            step: components["schemas"]["StripStepEdit"];
            /**
             * Format: date-time
             * @description By the phone's clock; null for now.
             */
            at: null | string;
            by: string;
        };
        StripStepEdit: {
            title: string;
            kind: components["schemas"]["PieceKind"];
            lies: components["schemas"]["Orientation"];
            behind: string[];
            /** Format: uuid */
            photoId: null | string;
            marks: components["schemas"]["PhotoMark"][];
            wayRound: string;
            note: string;
            testBeforeCovered: string;
            exchangedFor: string;
            staysOut: boolean;
            /** Format: uuid */
            afterJobId: null | string;
            latch?: components["schemas"]["Latch"];
        };
        StripStepRow: {
            step: components["schemas"]["StripStep"];
            photoHash: null | string;
            fasteners: components["schemas"]["StripFastener"][];
            connectors: components["schemas"]["StripConnector"][];
            /** @description Numbers of the steps that say they sat behind it. */
            namedBy: number[];
        };
        /**
         * @description What a reading was taken of.
         * @enum {string}
         */
        SubjectKind: "capacitor" | "rail" | "proof" | "net" | "hotPart";
        /**
         * @description What stands on a cleaning bench, or lies under it.
         * @enum {string}
         */
        Substance: "notKnown" | "water" | "soap" | "alcohol" | "acid" | "alkali" | "ammonia" | "chlorineBleach" | "peroxide" | "acetone" | "hydrocarbon" | "aluminium" | "magnesium" | "bareMetal" | "ultrasonicBath" | "alkalineResidue" | "acidResidue";
        Substitute: {
            /** @description The part. */
            candidate: components["schemas"]["DrawerCandidate"];
            /** @description Will it do? */
            verdict: components["schemas"]["Verdict"];
            /** @description Every rule, with broken and just-met ones first. */
            rules: components["schemas"]["SubstitutionRule"][];
        };
        SubstituteAnswer: {
            /**
             * Format: int32
             * @description Of the candidate as it was sent, from 0.
             */
            index: number;
            name: string;
            verdict: components["schemas"]["Verdict"];
            rules: components["schemas"]["SubstitutionRule"][];
        };
        SubstituteAsk: {
            original: components["schemas"]["CapacitorSpec"];
            candidates: components["schemas"]["CandidateAsk"][];
            role?: components["schemas"]["CapacitorRole"];
            /** Format: double */
            headroomMillimetres?: null | number;
        };
        SubstitutesScreen: {
            /** @description Best first, with every rule. */
            singles: components["schemas"]["Substitute"][];
            /** @description Two parts, where no single one does without a condition. */
            pairs: components["schemas"]["PairOption"][];
            /** Format: int32 */
            refused: number;
        };
        SubstitutionRule: {
            /** @description volts, value, ESR, ripple, temperature, size, pitch, mounting, polarity, safety class, age. */
            rule: string;
            /** @description How it went. */
            result: components["schemas"]["RuleResult"];
            /** @description A whole sentence with both figures. */
            text: string;
        };
        SupplierEdit: {
            name: string;
            address: string;
            /** Format: double */
            postage: number;
            /** Format: double */
            freeFrom: null | number;
            /** Format: int32 */
            days: number;
        };
        SupplierOffer: {
            supplier: string;
            /** @description The supplier's own number. */
            sku: string;
            spec: components["schemas"]["CapacitorSpec"];
            /** Format: int32 */
            packSize: number;
            /** @description Rising in packs; the first is from 1. */
            breaks: components["schemas"]["PriceBreak"][];
            /**
             * Format: int32
             * @description Null when the supplier does not say.
             */
            stockPacks?: null | number;
        };
        SupplierRow: {
            /** Format: uuid */
            id: string;
            name: string;
            address: string;
            /** Format: double */
            postage: number;
            /** Format: double */
            freeFrom: null | number;
            /** Format: int32 */
            days: number;
            /** Format: int32 */
            offers: number;
            /** Format: date-time */
            readAt: null | string;
            /** Format: int32 */
            version: number;
        };
        SupplierTerms: {
            id: string;
            name: string;
            /**
             * Format: double
             * @description Of one parcel.
             */
            postage: number;
            /**
             * Format: int32
             * @description Until it is here.
             */
            days: number;
            /**
             * Format: double
             * @description Value of goods from which postage is free; null when never.
             */
            freeFrom?: null | number;
        };
        SuppliesScreen: {
            supplies: components["schemas"]["SupplyRow"][];
            /** @description Names of kinds that work asks for: what is put down under one of them is counted by itself. */
            kinds: string[];
        };
        /** @description A bottle, a tin, a roll, a pack of swabs; or a tool, which is not used up. */
        Supply: {
            /** Format: uuid */
            id?: string;
            /** @description What kind of thing, as work asks for it; what the label says stands in string Supply.Name. */
            kind?: string;
            name?: string;
            unit?: components["schemas"]["SupplyUnit"];
            /**
             * Format: double
             * @description How much lay there when it was last counted.
             */
            counted?: number;
            /** Format: date-time */
            countedAt?: string;
            /** @description It is a tool: work needs it and gives it back. */
            tool?: boolean;
            /** Format: date */
            openedOn?: null | string;
            /**
             * Format: int32
             * @description By its label, from the day on which it was opened; null where nothing is said.
             */
            keepsMonths?: null | number;
            /**
             * Format: int32
             * @description From the order to the shelf; null where nobody said.
             */
            daysToCome?: null | number;
            place?: string;
            /** Format: int32 */
            version?: number;
            /**
             * Format: date
             * @description The last day on which it is to be trusted; null where it was not opened, or keeps.
             */
            keepsUntil?: null | string;
        };
        SupplyAsk: {
            rails: components["schemas"]["RailReading"][];
            /** @default  */
            load: string;
            /**
             * Format: double
             * @default 0
             */
            minutes: number;
            limits?: null | components["schemas"]["RailLimits"];
            /**
             * Format: double
             * @description 60 when left out.
             * @default 60
             */
            soakMinutes: number;
        };
        SupplyCount: {
            /**
             * Format: double
             * @description By a look, a measure or the scale.
             */
            amount: number;
        };
        SupplyEdit: {
            kind: string;
            /**
             * Format: double
             * @description What lies there now; a tool counts in pieces.
             */
            amount: number;
            unit?: components["schemas"]["SupplyUnit"];
            /** @default  */
            name: string;
            /** @default false */
            tool: boolean;
            /** Format: date */
            openedOn?: null | string;
            /**
             * Format: int32
             * @description From the day on which it was opened; null keeps.
             */
            keepsMonths?: null | number;
            /**
             * Format: int32
             * @description From the order to the shelf.
             */
            daysToCome?: null | number;
            /** @default  */
            place: string;
        };
        /** @description What one piece of work uses up. */
        SupplyNeed: {
            /** @description What kind of thing: "isopropyl alcohol". */
            supply: string;
            /** Format: double */
            amount: number;
            unit: components["schemas"]["SupplyUnit"];
        };
        SupplyRow: {
            supply: components["schemas"]["Supply"];
            /** Format: double */
            left: number;
            /** Format: date */
            keepsUntil: null | string;
            /** @description "good", "spoilt" or "empty". */
            word: string;
        };
        SupplyTrustResult: {
            trust: components["schemas"]["Trust"];
            /** @description The stated load; empty is none. */
            load: string;
            /**
             * Format: double
             * @description Under that load when the last rail was read.
             */
            minutes: number;
            /** @description May it feed a good board? */
            verdict: components["schemas"]["Verdict"];
            /** @description Every rail holds its volts, long enough and on a stated load; its ripple alone is not known, for want of an oscilloscope. */
            onlyRippleMissing?: boolean;
        };
        /**
         * @description What a supply is counted in.
         * @enum {string}
         */
        SupplyUnit: "millilitres" | "grams" | "pieces" | "metres";
        SurveyScreen: {
            findings: components["schemas"]["FindingRow"][];
            /** Format: date-time */
            surveyedAt: null | string;
            power: components["schemas"]["Verdict"];
            /** @description Cautions that hold for this machine whatever is found. */
            standing: components["schemas"]["CautionId"][];
            /** @description Every kind that can be found, with its words, for the list to choose from. */
            kinds: components["schemas"]["FindingChoice"][];
        };
        TakeCellStep: {
            step: components["schemas"]["CellStep"];
            overruleReason: null | string;
        };
        TakeUpAsk: {
            /** Format: uuid */
            machineId: string;
            key: string;
            person: string;
        };
        TakenFrom: {
            /**
             * Format: uuid
             * @description Of the supply.
             */
            id: string;
            /** Format: double */
            amount: number;
        };
        TakenStep: {
            kind: components["schemas"]["PowerStepKind"];
            state: components["schemas"]["PowerStepState"];
            /** @default  */
            sentence: string;
        };
        TappedCard: {
            at: components["schemas"]["Point"];
            published?: null | components["schemas"]["Lab"];
        };
        TappedPatch: {
            name: string;
            at: components["schemas"]["Point"];
            /**
             * @description Light never reached it.
             * @default false
             */
            unaged: boolean;
        };
        /**
         * @description What a temperature was typed in.
         * @default notSaid
         * @enum {string}
         */
        TemperatureUnit: "notSaid" | "celsius" | "fahrenheit";
        /** @description One test of a machine that is not put together, as it was allowed: it counts for the pieces that were out then. */
        TestInPieces: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            on?: components["schemas"]["RestsOn"];
            missing?: components["schemas"]["LeftOff"][];
            /** Format: double */
            minutes?: number;
            /** @description Fingerprint of the pieces that were out. */
            pieces?: string;
            /** Format: date-time */
            at?: string;
            /**
             * Format: date-time
             * @description Taken back, or over.
             */
            endedAt?: null | string;
        };
        TestInPiecesAsk: {
            test: components["schemas"]["TestInPiecesFacts"];
            overruleReason?: null | string;
        };
        TestInPiecesCalc: {
            class: components["schemas"]["MachineClass"];
            traits: components["schemas"]["Trait"][];
            test: components["schemas"]["TestInPiecesFacts"];
        };
        /** @description What is said of a test in pieces before it is allowed. */
        TestInPiecesFacts: {
            on: components["schemas"]["RestsOn"];
            /** @description Screws, clips, a loose wire or a drive that hangs over the board. */
            looseMetal: components["schemas"]["ThreeState"];
            /** @description Empty is nothing; null is that nobody looked. */
            missing: null | components["schemas"]["LeftOff"][];
            /**
             * Format: double
             * @description For how long it is to run.
             */
            minutes: number;
        };
        TestKeyAsk: {
            trouble: components["schemas"]["KeyTrouble"];
        };
        TestedAsk: {
            passed: boolean;
            said: string;
        };
        /** @description Numbers of the house. */
        ThermalDefaults: {
            /**
             * Format: double
             * @description W/(m·K). Usual data sheets: paste 3 to 8, putty 2 to 6, pad 1.5 to 6.
             */
            pasteConductivity?: number;
            /** Format: double */
            puttyConductivity?: number;
            /** Format: double */
            padConductivity?: number;
            /**
             * Format: double
             * @description Thickest film that paste bridges without pumping out, mm.
             */
            pasteMostMillimetres?: number;
            /** Format: double */
            puttyMostMillimetres?: number;
            /**
             * Format: double
             * @description Share by which a pad is pressed together.
             */
            padLeastCompression?: number;
            /** Format: double */
            padMostCompression?: number;
            /**
             * Format: double
             * @description Above this drop a choice is refused, K.
             */
            mostDropKelvin?: number;
        };
        /**
         * @description Yes, no, or nobody has looked. Default is not known, so that a forgotten answer is never taken for a no.
         * @enum {string}
         */
        ThreeState: "notKnown" | "yes" | "no";
        TonightScreen: {
            person: string;
            /** @description Everybody who works here. */
            names: string[];
            /** Format: date-time */
            from: string;
            /** Format: date-time */
            until: string;
            evening: null | components["schemas"]["EveningResult"];
            shelf: null | components["schemas"]["EnoughResult"];
            running: null | components["schemas"]["WorkTaken"];
            endedToday: components["schemas"]["WorkTaken"][];
            moves: components["schemas"]["KeptMove"][];
        };
        /**
         * @description What can be got at.
         * @enum {string}
         */
        ToolReach: "open" | "folds" | "working";
        TraceAsk: {
            trace: components["schemas"]["TraceFacts"];
            /** Format: double */
            readOhms?: null | number;
            /**
             * @description Open circuit on the meter.
             * @default false
             */
            overload: boolean;
            /** @default the net */
            net: string;
            /**
             * Format: double
             * @default 0.01
             */
            contactErrorOhms: number;
            /**
             * Format: double
             * @default 1.5
             */
            thinFactor: number;
        };
        /** @description What is known of a trace. Lengths in millimetres. */
        TraceFacts: {
            /** Format: double */
            lengthMillimetres?: number;
            /** Format: double */
            widthMillimetres?: number;
            /**
             * Format: double
             * @description 35 µm is 1 oz copper.
             */
            copperMicrometres?: number;
            /**
             * Format: int32
             * @description Plated holes in the way.
             */
            vias?: number;
            /**
             * Format: double
             * @description Most current that the net carries; null when not known.
             */
            amps?: null | number;
        };
        TraceResult: {
            /**
             * Format: double
             * @description Of whole copper.
             */
            expectedOhms: number;
            /**
             * Format: double
             * @description Above it counts as thin.
             */
            limitOhms: number;
            /**
             * Format: double
             * @description Least share of copper left: expected over read, contact error included; null when nothing was read.
             */
            copperLeftLow: null | number;
            /** Format: double */
            copperLeftHigh: null | number;
            state: components["schemas"]["NetState"];
            verdict: components["schemas"]["Verdict"];
            /** Format: double */
            contactErrorOhms: number;
            /** Format: double */
            thinFactor: number;
        };
        TraceWidthAsk: {
            /** Format: double */
            amps: number;
            /** @description Whether the copper lies inside the board. */
            inside?: components["schemas"]["ThreeState"];
            /**
             * Format: double
             * @default 35
             */
            copperMicrometres: number;
            /**
             * Format: double
             * @default 10
             */
            riseKelvin: number;
        };
        TraceWidthResult: {
            /**
             * Format: double
             * @description Least width.
             */
            millimetres: number;
            /**
             * Format: int32
             * @description Thinnest wire of the common gauges that carries as much; null when none does.
             */
            awgStandIn: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description What a machine has in it that decides what can go wrong.
         * @enum {string}
         */
        Trait: "pictureTube" | "internalMainsSupply" | "externalAdapter" | "linearSupply" | "mainsFilterPaper" | "barrelCell" | "coinCell" | "hiddenCell" | "lithiumPack" | "batteryBackedMemory" | "surfaceMountElectrolytics" | "lowEsrElectrolytics" | "scsiDrives" | "ataDrives" | "floppyDrive" | "tapeLoading" | "membraneKeyboard" | "laser" | "backlightInverter" | "plasmaPanel";
        /** @description A tray, inside, and what lies in it; centimetres. */
        TrayFacts: {
            /** Format: double */
            lengthCentimetres?: number;
            /** Format: double */
            widthCentimetres?: number;
            /**
             * Format: double
             * @description Of the tray itself.
             */
            heightCentimetres?: number;
            /**
             * Format: double
             * @description How deep the bath is to stand over its floor.
             */
            depthCentimetres?: number;
            /**
             * Format: double
             * @description That the parts push aside; null when nobody measured, and then it is nothing: there is rather too much than too little.
             */
            displacedLitres?: null | number;
            /**
             * Format: double
             * @description Longest side, second and third of the largest part; null when nobody measured.
             */
            partLengthCentimetres?: null | number;
            /** Format: double */
            partWidthCentimetres?: null | number;
            /** Format: double */
            partHeightCentimetres?: null | number;
        };
        /** @enum {string} */
        TriageAim: "mostFinished" | "mostWorth";
        TriageAsk: {
            boxes: components["schemas"]["TriageBox"][];
            prices?: components["schemas"]["PartPrice"][];
            /**
             * Format: double
             * @description In one currency, for everything; the likely figures have to keep within it.
             */
            budgetMoney?: number;
            /** Format: double */
            budgetHours?: number;
            aim?: components["schemas"]["TriageAim"];
            /**
             * Format: double
             * @description Hours to take one part from a donor or a parcel, test it and fit it. A house number.
             */
            fittingHours?: number;
            /**
             * Format: double
             * @description A box is not worth finishing above this share of the price of a complete one. A house number: what it costs is what a complete one costs.
             */
            stopLossShare?: number;
        };
        TriageBox: {
            /** @description Names it once. */
            id: string;
            /** @description As it is called. */
            name: string;
            /** @description What is in it and what is not. */
            parts: components["schemas"]["BoxPart"][];
            /** @description To finish it apart from the parts that it needs: cleaning, consumables. */
            money: components["schemas"]["Estimate"];
            /** @description To finish it apart from fitting those parts. */
            hours: components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description What a complete, tested one costs; null when not known, and then money never speaks against it.
             */
            complete?: null | number;
            /**
             * Format: double
             * @description Weight when boxes are weighed by worth; above 0.
             * @default 1
             */
            worth: number;
            lock?: components["schemas"]["BoxLock"];
        };
        TriagePlan: {
            /** @description Which few? */
            verdict: components["schemas"]["Verdict"];
            boxes: components["schemas"]["BoxPlan"][];
            moves: components["schemas"]["PartMove"][];
            money: components["schemas"]["Estimate"];
            hours: components["schemas"]["Estimate"];
            /** Format: int32 */
            finished: number;
            /** @description The next best set, and why it lost; empty when there is none. */
            runnerUp: string;
            /** @description Ids of its boxes. */
            runnerUpSet: string[];
            /** @description The solver proved that no better choice exists. */
            proven: boolean;
            /** Format: double */
            fittingHours: number;
            /** Format: double */
            stopLossShare: number;
        };
        /**
         * @description How far a supply is trusted. Nothing but measurement earns it.
         * @enum {string}
         */
        Trust: "none" | "idle" | "loaded" | "soakedAnHour";
        /**
         * @description What the thing is, as far as it decides what cleaning can be trusted to have done.
         * @enum {string}
         */
        TrustKind: "plain" | "supply" | "wetDrive" | "board" | "mechanism";
        TryKeyAsk: {
            rung: components["schemas"]["KeyRung"];
            helped: boolean;
        };
        TryMethodAsk: {
            method: string;
            /**
             * Format: double
             * @description Of what was there before this pass, 0 to 1.
             */
            removedShare: number;
            /** @description Whether it did damage; left out, nobody has looked, and the method is tried in a hidden place again. */
            damage?: null | boolean;
            /**
             * @description A hidden place bore it before.
             * @default false
             */
            spotTested: boolean;
            photos?: null | components["schemas"]["PatchPairAsk"];
            /**
             * Format: double
             * @description Of what was there, what came loose and still lies there; in fifths.
             * @default 0
             */
            loosened: number;
            /**
             * Format: double
             * @description Hand's breadths that it went over: so much comes off the shelf.
             * @default 1
             */
            breadths: number;
            /**
             * @description It was done before anybody asked, also where it is ruled out here.
             * @default false
             */
            alreadyDone: boolean;
            /**
             * Format: double
             * @description When, where it was done already.
             * @default 0
             */
            hoursAgo: number;
        };
        TryTogetherAsk: {
            method: string;
            /** @description What went through it; what looks otherwise is left out, and kept by itself. */
            items: string[];
            /**
             * Format: double
             * @description Of what was there before this pass, by eye, in fifths.
             */
            removedShare: number;
            /** @description Whether it did damage; left out, nobody has looked. */
            damage?: null | boolean;
            /**
             * @description A hidden place of each that needs it bore it before.
             * @default false
             */
            spotTested: boolean;
            /**
             * @description It was done before anybody asked, also where it is ruled out here.
             * @default false
             */
            alreadyDone: boolean;
            /**
             * Format: double
             * @description When, where it was done already.
             * @default 0
             */
            hoursAgo: number;
            /**
             * @description How what moves and is printed on them stood before; empty where each has its note, or needs none.
             * @default
             */
            noted: string;
        };
        /**
         * @description How a board was turned over between its two photos, which decides which way its back is mirrored.
         * @enum {string}
         */
        Turned: "sideways" | "endOverEnd";
        Uncovered: {
            need: string;
            /** Format: int32 */
            pieces: number;
            /** @description Why nobody has it. */
            why: string;
        };
        Unplanned: {
            /** @description That could not be planned. */
            id: string;
            why: string;
        };
        UsualOfKind: {
            kind: null | components["schemas"]["KindProfile"];
            /** @description What may be in it, and nobody has looked. */
            open: components["schemas"]["Possible"][];
            hours: null | components["schemas"]["KindHours"];
        };
        UsualPlace: {
            name: string;
            /** @description When one of that name may usually be used. */
            open: components["schemas"]["PlaceOpen"];
        };
        /** @description The one shape of every answer that Haar gives. */
        Verdict: {
            /** @description The question, as a person would ask it. */
            question: string;
            /** @description Yes, yes-if, no or unknown. */
            outcome: components["schemas"]["Outcome"];
            /** @description One whole sentence that can stand alone, read from a metre away. */
            sentence: string;
            /** @description What it rests on, most telling first. */
            reasons: components["schemas"]["Reason"][];
            /** @description Facts or measurements that would turn it. */
            wouldChange: string[];
            /** @description Measured, rule or guess. */
            founded: components["schemas"]["Basis"];
            /** @description Cautions that belong to acting on it. */
            cautions: components["schemas"]["CautionId"][];
            /** @description A person may decide against it, with a reason. False only where going on burns or kills. */
            mayBeOverruled?: boolean;
        };
        VoidReadingsAsk: {
            /** @description Whose last reading is struck; one that was read twice is named twice. What was replaced stands again. */
            capacitorIds: string[];
        };
        VoltsPoint: {
            /**
             * Format: double
             * @description Since it was fitted.
             */
            years: number;
            /**
             * Format: double
             * @description Volts at the chip of the weakest cell of its type under the greatest drain.
             */
            low: number;
            /**
             * Format: double
             * @description Likely.
             */
            volts: number;
            /**
             * Format: double
             * @description Of the strongest under the least drain.
             */
            high: number;
        };
        /**
         * @default millilitres
         * @enum {string}
         */
        VolumeUnit: "millilitres" | "litres" | "usGallons";
        WaitRow: {
            /** Format: uuid */
            machineId: string;
            machine: string;
            for: string;
            then: string;
            /**
             * Format: date-time
             * @description Null where nobody knows.
             */
            until: null | string;
            /** @description It is over, and nobody has gone. */
            over: boolean;
            path: string;
            /**
             * Format: uuid
             * @description The order in the post that it waits for; null for none.
             */
            orderId?: null | string;
        };
        /** @description Every week on that day, by the bench's clock. The end does not belong to it. */
        WeeklyHours: {
            day: components["schemas"]["DayOfWeek"];
            /** Format: time */
            from: string;
            /** Format: time */
            to: string;
        };
        WeighItemAsk: {
            /** Format: double */
            grams: number;
        };
        WeighedAt: {
            /**
             * Format: date-time
             * @description When it lay on the scale.
             */
            at: string;
            /** Format: double */
            grams: number;
        };
        Weighing: {
            /**
             * Format: double
             * @description Since the last weighing before.
             */
            hours: number;
            /**
             * Format: double
             * @description All of it, on one and the same scale.
             */
            grams: number;
        };
        /**
         * @description What holds the water, and so how long it keeps it.
         * @enum {string}
         */
        WetPart: "notKnown" | "shell" | "hollowShell" | "board" | "connectors" | "membrane" | "coils" | "wood";
        /**
         * @description What wetted it.
         * @enum {string}
         */
        WettedBy: "notKnown" | "water" | "alcohol" | "unrinsed";
        WhereWereWe: {
            machine: string;
            /** Format: date-time */
            lastAt: null | string;
            /** Format: int32 */
            daysAgo: null | number;
            /** @description What was done last, the latest first. */
            last: components["schemas"]["LogRow"][];
            /** @description What was tried on it, and came to what. */
            tried: string[];
            waits: components["schemas"]["WaitRow"][];
            /** @description That are open: what came off and is not back. */
            trays: string[];
            next: null | components["schemas"]["NextAct"];
            planned: null | components["schemas"]["KeptTask"];
            layOut: string[];
            /** @description What wakes it where it is set aside; empty where it is not, or nothing but a person does. */
            wakes: string;
            /** @description What has woken it; empty for nothing. */
            wokenBy: string;
        };
        /** @description A cheap job that lies open once something is off: done then, it costs no opening of its own. */
        WhileOpen: {
            /** @description The same from one look to the next. */
            id: string;
            title: string;
            why: string;
            stage: components["schemas"]["Stage"];
            /** Format: int32 */
            minutes: number;
            piece: components["schemas"]["PieceKind"];
            out: boolean;
            /**
             * Format: date
             * @description Its day, where it has one.
             */
            dueOn?: null | string;
        };
        WhileOpenAsk: {
            /** @description Id of what is proposed. */
            proposal: string;
        };
        WhiteningAsk: {
            points: components["schemas"]["WhiteningPoint"][];
            /**
             * Format: double
             * @description b* wanted; null for whether another hour is worth it.
             */
            target?: null | number;
            house?: null | components["schemas"]["WhiteningDefaults"];
        };
        /** @description What is usual, and goes in where few points leave a band open. House figures. */
        WhiteningDefaults: {
            /**
             * Format: double
             * @description By how much b* of one patch differs from photo to photo, one standard deviation: 1 to 2 is usual of a phone with a card.
             */
            noise?: number;
            /**
             * Format: double
             * @description Where cases of this age come to rest in b*, and how much that differs from case to case.
             */
            usualRest?: number;
            /** Format: double */
            usualRestSpread?: number;
            /**
             * Format: double
             * @description Usual share gone in an hour of full sun or lamp, and by which factor that differs.
             */
            usualPerHour?: number;
            /** Format: double */
            usualPerHourFactor?: number;
            /**
             * Format: double
             * @description By how much the hours still to go may differ because no case whitens quite by one exponential: a second stain goes slower, a bath
             *     is used up. Spread and mean of the logarithm; simulated with such kinetics, the band then holds as often as it says.
             */
            kineticsSpread?: number;
            /** Format: double */
            kineticsSlowing?: number;
            /**
             * Format: double
             * @description Fall of b* an hour below which going on costs more than it gains: plastic and print suffer all the same.
             */
            leastGainPerHour?: number;
        };
        WhiteningEdit: {
            /**
             * Format: uuid
             * @description What is whitened; stays once it is put down.
             */
            itemId: string;
            /**
             * Format: double
             * @description b* that is wanted; null for as far as it goes.
             */
            targetB?: null | number;
            masked?: components["schemas"]["ThreeState"];
            fits?: components["schemas"]["ThreeState"];
        };
        WhiteningFit: {
            /**
             * Format: double
             * @description b* at hour 0.
             */
            start: number;
            /**
             * Format: double
             * @description b* that it comes to in the end, b∞.
             */
            rest: number;
            /**
             * Format: double
             * @description k of b*(t) = b∞ + (b₀ − b∞)·e^(−kt).
             */
            perHour: number;
        };
        /** @description One reading of how yellow a patch is. */
        WhiteningPoint: {
            /**
             * Format: double
             * @description From the start of the treatment.
             */
            hours: number;
            /**
             * Format: double
             * @description b* of the patch, clean and dry.
             */
            b: number;
        };
        WhiteningResult: {
            fit: null | components["schemas"]["WhiteningFit"];
            hoursToTarget: null | components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description Chance that the target is reached at all.
             */
            reachable: null | number;
            /**
             * Format: double
             * @description Of b*, at the last point.
             */
            gainPerHour: null | number;
            verdict: components["schemas"]["Verdict"];
            house: components["schemas"]["WhiteningDefaults"];
        };
        WhiteningRow: {
            run: components["schemas"]["WhiteningRun"];
            name: string;
            /** @description Which act is next: "photo", "start", "end", "dry", "done". */
            next: string;
            forecast: null | components["schemas"]["WhiteningResult"];
            /** @description What a session of the same kind as the last would be answered. */
            mayStart: components["schemas"]["Permit"];
            /**
             * Format: date-time
             * @description When it comes out; null when it is not in the light.
             */
            lookAt: null | string;
            /**
             * Format: double
             * @description b* by which one photo differs from the next.
             */
            noise: number;
            hoursToGo: null | components["schemas"]["Estimate"];
            curve: components["schemas"]["WhiteningPoint"][];
            photoHash: null | string;
        };
        /** @description The whitening of one cleaned item: its sessions and its readings. */
        WhiteningRun: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            machineId?: string;
            /**
             * Format: uuid
             * @description What is whitened, as it is cleaned: what it is made of and what was on it decide with.
             */
            itemId?: string;
            /**
             * Format: double
             * @description b* that is wanted: of the spot that light never reached, or of the part beside it. Null for as far as it goes.
             */
            targetB?: null | number;
            /** @description Labels, bare metal and printed lettering are off it or masked. Not known counts as no. */
            masked?: components["schemas"]["ThreeState"];
            /** @description Its holes, slots and edges are those of its place: asked of a part from a donor. Not known is said. */
            fits?: components["schemas"]["ThreeState"];
            /** @description Means of b* of one patch in photos taken anew: how far one can be trusted. */
            repeats?: number[];
            sessions?: components["schemas"]["WhiteningSession"][];
            /** @description Oldest first. */
            readings?: components["schemas"]["ColourReading"][];
            /** Format: date-time */
            doneAt?: null | string;
            /** Format: int32 */
            version?: number;
        };
        /** @description Whitening once, from the light on to the light off. */
        WhiteningSession: {
            /** Format: date-time */
            from: string;
            /**
             * Format: double
             * @description When one goes and looks.
             */
            plannedHours: number;
            bleach: components["schemas"]["BleachFacts"];
            /**
             * Format: date-time
             * @description Null while it runs.
             */
            until?: null | string;
            /**
             * Format: double
             * @description Hours of full summer sun at 6 % that it counted as; null while it runs.
             */
            dose?: null | number;
            /** @description The tray that it lies in; empty for a film under foil or glass. */
            tray?: string;
        };
        /** @description From one minute to another, counted from the plan's start; the end does not belong to it. */
        Window: {
            /** Format: int32 */
            from?: number;
            /** Format: int32 */
            to?: number;
        };
        /** @description Work that is wished to be ready by its day: a machine. */
        Wish: {
            name: string;
            tasks: string[];
            /**
             * Format: int32
             * @description Minutes from the start.
             */
            readyBy: number;
        };
        WithoutHands: {
            /** Format: uuid */
            machineId: string;
            machineName: string;
            /** Format: uuid */
            jobId: null | string;
            title: string;
            waitsFor: string;
            /** Format: date-time */
            until: null | string;
        };
        WorkCorrection: {
            kind: components["schemas"]["WorkKind"];
            /**
             * Format: double
             * @description What is planned is multiplied by it.
             */
            factor: number;
            /**
             * Format: int32
             * @description How many pieces of work say so.
             */
            from: number;
            /**
             * Format: double
             * @description Taken over planned, of those alone.
             */
            median: number;
            /**
             * @description Whose work it is of; empty for everybody's.
             * @default
             */
            person: string;
        };
        /**
         * @description How an evening left a piece of work.
         * @enum {string}
         */
        WorkEnd: "running" | "done" | "unfinished" | "failed";
        /**
         * @description Who may do a piece of listed work.
         * @enum {string}
         */
        WorkFor: "notSaid" | "anyone" | "whoSolders" | "theTrained";
        /**
         * @description What kind of work it is: what is underestimated once is underestimated for all of its kind, and it says what hands and clothes it takes.
         * @enum {string}
         */
        WorkKind: "looking" | "measuring" | "soldering" | "washing" | "dusty" | "painting" | "mechanics" | "assembling" | "atTheMachine" | "deciding";
        /** @description Work that somebody took up: planned against taken, from which estimates are corrected. */
        WorkTaken: {
            /** Format: uuid */
            id?: string;
            /** Format: uuid */
            forMachineId?: string;
            key?: string;
            title?: string;
            kind?: components["schemas"]["WorkKind"];
            person?: string;
            /** Format: double */
            plannedMinutes?: number;
            /** Format: date-time */
            begunAt?: string;
            /** Format: date-time */
            endedAt?: null | string;
            /** Format: double */
            takenMinutes?: null | number;
            end?: components["schemas"]["WorkEnd"];
            /**
             * Format: double
             * @description That are still to do, of what is unfinished; null takes what was planned, less what was taken.
             */
            leftMinutes?: null | number;
            /** Format: int32 */
            version?: number;
        };
        /** @description One piece of what is left to do on a machine, as its room sees it. Computed from the room's rows, never typed. */
        WorkTask: {
            /** @description The same for the same work from one plan to the next: "job/…", "item/…/pass". */
            key: string;
            /** @description An order, without the machine's name. */
            title: string;
            stage: components["schemas"]["Stage"];
            kind: components["schemas"]["WorkKind"];
            /** @description Hands on: at best, as is likely, at worst. */
            minutes: components["schemas"]["Estimate"];
            why?: string;
            /** @description On the bench. */
            needs?: string;
            /** @description Keys on the same machine, or "job/…" of any, that come before. */
            after?: string[];
            /**
             * Format: int32
             * @description That go on without hands when it is done, and what it is called: "drying".
             */
            waitMinutes?: number;
            waitFor?: string;
            /** @description A place that the wait holds; empty for none. */
            waitPlace?: string;
            places?: string[];
            /** @description Something of it lies in its places already, and holds them until it is done. */
            heldBefore?: boolean;
            skills?: components["schemas"]["BenchSkill"][];
            gives?: components["schemas"]["Airborne"][];
            uses?: components["schemas"]["SupplyNeed"][];
            /**
             * Format: date-time
             * @description A wait that runs holds it until then.
             */
            from?: null | string;
            /** @description What it waits for now; empty for nothing. */
            waitsFor?: string;
            /** @description It waits, and nobody knows until when: counted as int WorkPlan.OpenWaitDays. */
            openWait?: boolean;
            /** @description It deals with a danger. */
            danger?: boolean;
            /** @description What it deals with does more harm the longer it waits, as a leak does: it goes before everything, by whoever may. */
            grows?: boolean;
            /** @description The machine can be finished without it: where it cannot be planned it holds up nothing. */
            optional?: boolean;
            /** @description Done on the bench before the machine is put together again. */
            onTheBench?: boolean;
            /**
             * Format: int32
             * @description The wait that follows must be ended by then, counted as it is: what lies in the light, or in a bath. Null where it may last.
             */
            waitMostMinutes?: null | number;
            /** @description Nothing is listed there yet: what such a stage usually takes. */
            guess?: boolean;
            /** @description No row says that it is done: somebody who was at it does. */
            byWord?: boolean;
            /**
             * Format: date-time
             * @description Since when it is as it is here; null where nobody kept that.
             */
            since?: null | string;
            at?: null | components["schemas"]["Reach"];
            /** @description Something that is still on comes off for it, or nobody knows whether. */
            behind?: boolean;
            /** @description It lies deeper than the machine is opened this time, by somebody's choice: kept, and not planned. */
            deeper?: boolean;
            /** @description Where it is done. */
            screen?: string;
            /** Format: uuid */
            jobId?: null | string;
            /**
             * Format: uuid
             * @description The order in the post that it waits for; null for none.
             */
            orderId?: null | string;
        };
        WorkshopCounts: {
            /**
             * Format: int32
             * @description Those that are set aside not counted.
             */
            inHand: number;
            /** Format: int32 */
            handedOver: number;
            /** Format: int32 */
            stopped: number;
            /** Format: int32 */
            handsMinutesLeft: number;
            /**
             * Format: int32
             * @description Set aside until something wakes them.
             */
            setAside: number;
        };
        WorkshopEdit: {
            name: string;
            eventName: string;
            /** Format: date */
            eventDay: null | string;
            currency: string;
            meterHost: string;
            /** Format: int32 */
            meterPort: number;
            meterShowsPart: boolean;
        };
        WorkshopHead: {
            name: string;
            eventName: string;
            /** Format: date */
            eventDay: null | string;
            /**
             * Format: int32
             * @description Negative when it is past; null when nothing presses.
             */
            daysToEvent: null | number;
            currency: string;
            meterHost: string;
            /** Format: int32 */
            meterPort: number;
            meterShowsPart: boolean;
            /** Format: int32 */
            version: number;
        };
        WorkshopScreen: {
            workshop: components["schemas"]["WorkshopHead"];
            next: null | components["schemas"]["ActOnMachine"];
            others: components["schemas"]["ActOnMachine"][];
            withoutHands: components["schemas"]["WithoutHands"][];
            machines: components["schemas"]["MachineRow"][];
            counts: components["schemas"]["WorkshopCounts"];
            /** Format: int32 */
            page: number;
            /** Format: int32 */
            pages: number;
            byPlan: null | components["schemas"]["PlannedFirst"];
        };
        /** @description Effort against what a tested one costs. */
        WorthFacts: {
            hoursLeft?: null | components["schemas"]["Estimate"];
            /**
             * Format: double
             * @description That it comes out usable, 0 to 1; null when nobody guessed.
             */
            chance?: null | number;
            /**
             * Format: double
             * @description Of a tested one, postage with it, in the workshop's currency; null when none was found.
             */
            replacement?: null | number;
            /**
             * Format: double
             * @description Of an hour of one's own, in that currency; null for whoever does it for its own sake.
             */
            hourWorth?: null | number;
            kind?: components["schemas"]["TrustKind"];
            working?: components["schemas"]["KnownWorking"];
            /** @description Whose word, and when: "the seller, in spring". */
            onWhoseWord?: string;
            /** @description It is exchanged whatever it looks like. Not known counts as no. */
            exchanged?: components["schemas"]["ThreeState"];
        };
        WorthResult: {
            cost: null | components["schemas"]["Estimate"];
            /** @description What would earn it trust afterwards; empty where it is plain to see. */
            earns: string[];
            verdict: components["schemas"]["Verdict"];
        };
        /** @description The sheet that leaves with a machine. */
        WriteUp: {
            machine: string;
            /** @description One sentence: what it was and what it is now. */
            summary: string;
            sections: components["schemas"]["WriteUpSection"][];
            costs: components["schemas"]["CostSum"];
            /** Format: date */
            nextCellCheck: null | string;
            proofs: components["schemas"]["Comparison"][];
        };
        WriteUpSection: {
            /** @description Of the section. */
            title: string;
            /** @description Whole sentences. */
            lines: string[];
        };
        YellownessAsk: {
            patch: components["schemas"]["Lab"];
            unaged?: null | components["schemas"]["Lab"];
        };
        YellownessResult: {
            /**
             * Format: double
             * @description Null for black, which has none.
             */
            index: null | number;
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * @description Where one looks, outside to inside.
         * @enum {string}
         */
        Zone: "outside" | "ports" | "opening" | "supply" | "board" | "cells" | "memory" | "drives" | "display" | "keyboard";
    };
    responses: {
        /** @description It cannot be: the field is named. Where an act is refused, its verdict, and whether a person may decide against it. */
        Problem400: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description No session. */
        Problem401: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description No token, or another site's page. */
        Problem403: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description There is no such thing here. */
        Problem404: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description Somebody was faster, or what was asked stands against what is there. */
        Problem409: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description The machine was taken off the list. */
        Problem410: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description Changed by somebody since that version: carries both. */
        Problem412: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description Larger than is taken. */
        Problem413: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description Another kind of content. */
        Problem415: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description Understood, and cannot be done, such as a file that is none. */
        Problem422: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description No If-Match. */
        Problem428: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description Busy, or the workshop is not open yet; Retry-After says when to ask again. */
        Problem503: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
        /** @description The disk is full. Nothing was changed. */
        Problem507: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
    };
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    Health: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    GetSession: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"];
                };
            };
        };
    };
    SignIn: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SignInAsk"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SignOut: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    GetWorkshop: {
        parameters: {
            query?: {
                page?: number;
                handedOver?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkshopScreen"];
                };
            };
        };
    };
    Find: {
        parameters: {
            query: {
                q: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Found"][];
                };
            };
        };
    };
    GetSettings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkshopHead"];
                };
            };
        };
    };
    EditSettings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WorkshopEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetPeople: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": string[];
                };
            };
        };
    };
    AddPhoto: {
        parameters: {
            query?: {
                caption?: string;
                photoId?: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "image/jpeg": string;
                "image/png": string;
                "image/webp": string;
                "application/octet-stream": string;
                "image/jpg": string;
                "image/heic": string;
                "image/heif": string;
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    NamePhoto: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                photoId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PhotoCaption"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemovePhoto: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                photoId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetPhoto: {
        parameters: {
            query?: {
                size?: string;
            };
            header?: never;
            path: {
                hash: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    TakeLotIn: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LotAdd"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    LookAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                dangerId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LookAgainAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetColourCard: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    GetCheckCalendar: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    ReadMeter: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeterAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MeterValue"];
                };
            };
        };
    };
    GetKinds: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KindProfile"][];
                };
            };
        };
    };
    ImportMachine: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/octet-stream": string;
                "application/json": string;
                "application/zip": string;
                "application/x-zip-compressed": string;
                "text/json": string;
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Imported"];
                };
            };
        };
    };
    Undo: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                entryId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetWaits: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WaitRow"][];
                };
            };
        };
    };
    TakeIn: {
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
                 *       "name": "Harbour office till",
                 *       "kind": "luggable",
                 *       "model": "",
                 *       "class": "level286",
                 *       "yearFrom": 1987,
                 *       "yearTo": 1989,
                 *       "traits": [
                 *         "internalMainsSupply",
                 *         "barrelCell"
                 *       ],
                 *       "cameFrom": "a jumble sale",
                 *       "paid": 20,
                 *       "claimed": "",
                 *       "recapSchool": "evidence",
                 *       "restorationSchool": "asShipped"
                 *     }
                 */
                "application/json": components["schemas"]["MachineEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetMachine: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MachineHead"];
                };
            };
        };
    };
    EditMachine: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MachineEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveMachine: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetUsual: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UsualOfKind"];
                };
            };
        };
    };
    PutMachineBack: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetShipped: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShippedScreen"];
                };
            };
        };
    };
    AddFoundItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["FoundItemEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditFoundItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["FoundItemEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveFoundItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetLot: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LotScreen"];
                };
            };
        };
    };
    EditLot: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LotEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddBox: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LotBoxEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditBox: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boxId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LotBoxEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveBox: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boxId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    LockBox: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boxId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LockAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SortLot: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Sorted"];
                };
            };
        };
    };
    GetSurvey: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SurveyScreen"];
                };
            };
        };
    };
    AddFinding: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FindingEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditFinding: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                findingId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FindingEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveFinding: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                findingId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    DealWithFinding: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                findingId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DealtWith"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    LookedOver: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": null | components["schemas"]["LookedOver"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetChecklist: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChecklistScreen"];
                };
            };
        };
    };
    AnswerChecklist: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                item: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChecklistAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetObservations: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Observation"][];
                };
            };
        };
    };
    Observe: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ObservationAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    VoidObservation: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                observationId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetStrip: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StripScreen"];
                };
            };
        };
    };
    AddStripStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StripStepAdd"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditStripStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stepId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StripStepEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveStripStep: {
        parameters: {
            query?: {
                mend?: boolean;
            };
            header?: never;
            path: {
                id: string;
                stepId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddStripFastener: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stepId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StripFastenerAdd"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditStripFastener: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                fastenerId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StripFastenerEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveStripFastener: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                fastenerId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddStripConnector: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stepId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StripConnectorAdd"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditStripConnector: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                connectorId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StripConnectorEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveStripConnector: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                connectorId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetRebuild: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RebuildScreen"];
                };
            };
        };
    };
    PutBack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stepId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PutBackAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeOutAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stepId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TestedBeforeCovered: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stepId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TestedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    PutFastenerBack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                fastenerId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FastenerBackAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeFastenerOut: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                fastenerId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    PlugIn: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                connectorId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetNoPower: {
        parameters: {
            query?: {
                silence?: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NoPowerScreen"];
                };
            };
        };
    };
    LookedAtSeating: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                check: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LookedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetBeforeOpening: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BeforeResult"];
                };
            };
        };
    };
    AnswerBefore: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BeforeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetOpening: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CaseOpeningResult"];
                };
            };
        };
    };
    SayPieces: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PiecesAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SayBehind: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BehindAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    OpenDownTo: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DepthAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    DoWhileOpen: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WhileOpenAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetTrayLabels: {
        parameters: {
            query?: {
                skip?: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SaveStripProfile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SaveProfileAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetStore: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StoreScreen"];
                };
            };
        };
    };
    AddStorePart: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StorePartEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditStorePart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                partId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StorePartEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveStorePart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                partId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddStoreFastener: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StoreFastenerEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditStoreFastener: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                fastenerId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StoreFastenerEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveStoreFastener: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                fastenerId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetSupplies: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SuppliesScreen"];
                };
            };
        };
    };
    AddSupply: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SupplyEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditSupply: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                supplyId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SupplyEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveSupply: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                supplyId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    CountSupply: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                supplyId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SupplyCount"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetPower: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PowerScreen"];
                };
            };
        };
    };
    ReadRail: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                kind: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RailReadingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ClosePowerStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                kind: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ClosePowerStepAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakePowerStepAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                kind: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    OverrulePowerStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                kind: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OverrulePowerStepAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    LoadOn: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LoadAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AllowTestInPieces: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TestInPiecesAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EndTestInPieces: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SetRails: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RailReading"][];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SayRan: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RanAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetBattery: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatteryScreen"];
                };
            };
        };
    };
    EditBattery: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CellEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ChooseReplacement: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChooseReplacement"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeCellStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TakeCellStep"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ReadChargingLine: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChargingReadings"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    PlaceCell: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CellPlaceAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditPack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PackFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetCapacitors: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CapacitorsScreen"];
                };
            };
        };
    };
    AddBoard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BoardEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditBoard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BoardEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    StraightenBoard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StraightenAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ScaleBoard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ScaleAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RegisterBoard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RegisterAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetBoardPlans: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BoardPlanChoice"][];
                };
            };
        };
    };
    TakeBoardPlan: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    KeepBoardPlan: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["KeepPlanAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ExportCapacitors: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    ImportCapacitors: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CapacitorCsv"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CsvTaken"];
                };
            };
        };
    };
    AddCapacitor: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CapacitorEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditCapacitor: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CapacitorEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveCapacitor: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ReadCapacitor: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CapacitorReadingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    VoidCapacitorReadings: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["VoidReadingsAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddArea: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["AreaEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditArea: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["AreaEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveArea: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    LookAtArea: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                areaId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AreaInspectionAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeAreaStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                areaId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AreaStepAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AreaOtherwise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                areaId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OtherwiseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddNet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["NetEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditNet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["NetEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveNet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ReadNet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                netId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NetReadingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RepairNet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                netId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NetRepairAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddHotPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["HotPartEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditHotPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["HotPartEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveHotPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ReadHotPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                hotId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HeatReadingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    FitHotPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                hotId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HotFittedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddSolderedPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                boardId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["SolderedEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditSolderedPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["SolderedEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveSolderedPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SolderedOtherwise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                partId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OtherwiseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeSolderStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                partId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SolderStepAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SolderAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                partId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetCleaning: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CleaningScreen"];
                };
            };
        };
    };
    AddCleanedItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["CleanedItemEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditCleanedItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["CleanedItemEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveCleanedItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    CleanedOtherwise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OtherwiseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TryMethod: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TryMethodAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ListCandidates: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ListAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TryTogether: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TryTogetherAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ComparePatches: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PatchPairAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PatchPairResult"];
                };
            };
        };
    };
    NoteBefore: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NoteBeforeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    StartSoak: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StartSoakAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TestSeat: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SeatTests"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RateOdour: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OdourRating"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeOdourRung: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OdourRungAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RinseItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    WeighItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WeighItemAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    DryItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DryItemAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    FinishItem: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                itemId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddWhitening: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["WhiteningEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditWhitening: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["WhiteningEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveWhitening: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ChooseColourPolicy: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ColourPolicyAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    StartSession: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                runId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StartSessionAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EndSession: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                runId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EndSessionAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    LookAtColour: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                runId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeasurePhotoAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PhotoColourResult"];
                };
            };
        };
    };
    MeasureColour: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                runId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeasurePhotoAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RepeatColour: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                runId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MeasurePhotoAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    FinishWhitening: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                runId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddPanel: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["PanelEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditPanel: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["PanelEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemovePanel: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    MeasureRust: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                panelId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RustPhotoAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    PanelOtherwise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                panelId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OtherwiseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeFinishStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                panelId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FinishStepAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    CompareSample: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                panelId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SamplePhotoAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SampleApart"];
                };
            };
        };
    };
    RustAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                panelId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddMending: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["MendingEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditMending: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["MendingEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveMending: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeMendingStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                mendingId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MendingStepAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    MendedOtherwise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                mendingId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OtherwiseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    FinishMending: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                mendingId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FinishMendingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddKeyboard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["KeyboardEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditKeyboard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["KeyboardEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveKeyboard: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    LayKeys: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LayKeysAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeCapsOff: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CapsOffAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    PutCapsBack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CapsBackAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ChangeCap: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangeCapAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    FillCap: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FillCapAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TestKey: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TestKeyAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TryKey: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TryKeyAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    MissCap: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                keyboardId: string;
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddMechanism: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["MechanismEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditMechanism: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["MechanismEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveMechanism: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeMechanismStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                mechanismId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MechanismStepAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ServicedOtherwise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                mechanismId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OtherwiseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ServiceAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                mechanismId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ServiceAgainAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetSuppliers: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SupplierRow"][];
                };
            };
        };
    };
    AddSupplier: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SupplierEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditSupplier: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                supplierId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SupplierEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveSupplier: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                supplierId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ReadSupplier: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                supplierId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ImportOffers: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                supplierId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OffersCsv"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetOrders: {
        parameters: {
            query?: {
                spareShare?: number;
                spareLeast?: number;
                latestDays?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OrderScreen"];
                };
            };
        };
    };
    ParcelComes: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                orderId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ExpectedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ExportOrderPlan: {
        parameters: {
            query?: {
                spareShare?: number;
                spareLeast?: number;
                latestDays?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    ExportShoppingList: {
        parameters: {
            query?: {
                spareShare?: number;
                spareLeast?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SetAside: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SendOrders: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SendAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SentAnswer"];
                };
            };
        };
    };
    SendOrderAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                orderId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AskOrder: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                orderId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    BookIn: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                orderId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ArrivedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    CancelOrder: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                orderId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ExportOrder: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                orderId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    GetSubstitutes: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SubstitutesScreen"];
                };
            };
        };
    };
    ReservePart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReserveAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ReleasePart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeFittingStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FittingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    CapacitorOtherwise: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OtherwiseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ExchangeAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                capacitorId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetDrawer: {
        parameters: {
            query?: {
                page?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DrawerScreen"];
                };
            };
        };
    };
    AddDrawerPart: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DrawerEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetDrawerLabels: {
        parameters: {
            query?: {
                skip?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    CountDrawerPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                partId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DrawerCount"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditDrawerPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                partId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DrawerEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveDrawerPart: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                partId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetPacks: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PackSummary"][];
                };
            };
        };
    };
    ImportPack: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PackText"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ExportPack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                packId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    RemovePack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                packId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetProofs: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ProofRow"][];
                };
            };
        };
    };
    AddProof: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ProofEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddRun: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                proofId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RunAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    VoidRun: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                proofId: string;
                runId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetWriteUp: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HandoverScreen"];
                };
            };
        };
    };
    HandOver: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HandOverAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    TakeBack: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ExportMachine: {
        parameters: {
            query?: {
                photos?: boolean;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    GetStage: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stage: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StageScreen"];
                };
            };
        };
    };
    AddJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["JobEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": components["schemas"]["JobEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                rowId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    MoveJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                jobId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["JobMove"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    CloseStage: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stage: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CloseStage"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    ReopenStage: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                stage: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    Overrule: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OverruleAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetLog: {
        parameters: {
            query?: {
                take?: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LogRow"][];
                };
            };
        };
    };
    WriteLog: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LogNote"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetPlan: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanScreen"];
                };
            };
        };
    };
    BetterPlan: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanScreen"];
                };
            };
        };
    };
    GetTonight: {
        parameters: {
            query?: {
                person?: string;
                hours?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TonightScreen"];
                };
            };
        };
    };
    SomethingElse: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SomethingElseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SomethingElse"];
                };
            };
        };
    };
    GetTheDay: {
        parameters: {
            query?: {
                help?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DayScreen"];
                };
            };
        };
    };
    TakeUpWork: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TakeUpAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EndWork: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                takenId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EndWorkAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    PinWork: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PinAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddPerson: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PersonEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditPerson: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                personId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PersonEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemovePerson: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                personId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SayDay: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                personId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PersonDay"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    AddPlace: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlaceEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    EditPlace: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                placeId: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlaceEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemovePlace: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                placeId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SayDue: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DueAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    Park: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ParkAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    Unpark: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SeePrice: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PriceAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetWhereWereWe: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WhereWereWe"];
                };
            };
        };
    };
    GetCosts: {
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
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CostsScreen"];
                };
            };
        };
    };
    AddCost: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CostEdit"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    SetExpectation: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Expectation"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RemoveCost: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                costId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    GetBackups: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupInfo"][];
                };
            };
        };
    };
    TakeBackup: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BackupInfo"];
                };
            };
        };
    };
    GetDiskSpace: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DiskSpace"];
                };
            };
        };
    };
    DownloadBackup: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                name: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    RemoveBackup: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                name: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    RestoreBackup: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                name: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Acted"];
                };
            };
        };
    };
    CalcCeramicCode: {
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
                 *       "code": "A5"
                 *     }
                 */
                "application/json": components["schemas"]["CeramicCodeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CeramicCodeResult"];
                };
            };
        };
    };
    CalcCapacitorMarking: {
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
                 *       "text": "226C",
                 *       "kind": "tantalumSurfaceMount"
                 *     }
                 */
                "application/json": components["schemas"]["CapacitorMarkingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CapacitorMarkingAnswer"];
                };
            };
        };
    };
    CalcDateCode: {
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
                 *       "code": "9214",
                 *       "windowFromYear": 1991,
                 *       "windowToYear": 1993
                 *     }
                 */
                "application/json": components["schemas"]["DateCodeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DateCodeAnswer"];
                };
            };
        };
    };
    CalcEarliestBuild: {
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
                 *       "codes": [
                 *         "9148",
                 *         "9207",
                 *         "9911"
                 *       ],
                 *       "windowFromYear": 1991,
                 *       "windowToYear": 1993
                 *     }
                 */
                "application/json": components["schemas"]["EarliestBuildAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["EarliestBuildAnswer"];
                };
            };
        };
    };
    CalcBatteryOptions: {
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
                 *       "site": {
                 *         "chemistry": "nickelCadmium",
                 *         "nominalVolts": 3.6,
                 *         "charges": "yes",
                 *         "chargeVolts": 4.9,
                 *         "windowLowVolts": 2.4,
                 *         "windowHighVolts": 5.5,
                 *         "drainMicroamps": 18,
                 *         "keeps": "settings",
                 *         "roomForHolder": "yes"
                 *       },
                 *       "school": "periodUpgrade"
                 *     }
                 */
                "application/json": components["schemas"]["BatteryOptionsAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplacementPlan"];
                };
            };
        };
    };
    CalcRunTime: {
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
                 *       "chemistry": "lithiumPrimary",
                 *       "milliampHours": 220,
                 *       "drainMicroamps": 5,
                 *       "leastVoltsPerCell": 2.25
                 *     }
                 */
                "application/json": components["schemas"]["RunTimeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunTimeResult"];
                };
            };
        };
    };
    CalcCharging: {
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
                 *       "offVolts": 0.02,
                 *       "onVolts": 4.9,
                 *       "loadedVolts": 2.1,
                 *       "loadOhms": 1000
                 *     }
                 */
                "application/json": components["schemas"]["ChargingReadings"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChargingResult"];
                };
            };
        };
    };
    CalcPack: {
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
                 *       "chemistry": "lithiumRechargeable",
                 *       "designMilliampHours": 3600,
                 *       "fullChargeMilliampHours": 1900,
                 *       "cycles": 420
                 *     }
                 */
                "application/json": components["schemas"]["PackFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PackResult"];
                };
            };
        };
    };
    CalcCellPrint: {
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
                 *       "print": "ER14250 3.6V"
                 *     }
                 */
                "application/json": components["schemas"]["CellPrintAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CellPrintResult"];
                };
            };
        };
    };
    CalcCellsTogether: {
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
                 *       "cells": [
                 *         {
                 *           "volts": 1.28,
                 *           "milliampHours": 600
                 *         },
                 *         {
                 *           "volts": 1.27,
                 *           "milliampHours": 590
                 *         },
                 *         {
                 *           "volts": 1.25,
                 *           "milliampHours": 420
                 *         }
                 *       ],
                 *       "wiring": "series",
                 *       "chemistry": "nickelCadmium"
                 *     }
                 */
                "application/json": components["schemas"]["CellsTogetherAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CellsTogetherResult"];
                };
            };
        };
    };
    CalcShelf: {
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
                 *       "chemistry": "nickelMetalHydride",
                 *       "milliampHours": 600,
                 *       "years": 1.5
                 *     }
                 */
                "application/json": components["schemas"]["ShelfAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfResult"];
                };
            };
        };
    };
    CalcCharge: {
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
                 *       "chemistry": "nickelCadmium",
                 *       "milliampHours": 60,
                 *       "cells": 3,
                 *       "supplyVolts": 9
                 *     }
                 */
                "application/json": components["schemas"]["ChargeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChargeResult"];
                };
            };
        };
    };
    CalcHold: {
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
                 *       "holdMicrofarads": 100,
                 *       "fromVolts": 3,
                 *       "leastVolts": 2,
                 *       "drainMicroamps": 4
                 *     }
                 */
                "application/json": components["schemas"]["HoldAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HoldTimeResult"];
                };
            };
        };
    };
    CalcStraighten: {
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
                 *       "corners": [
                 *         {
                 *           "x": 0.12,
                 *           "y": 0.1
                 *         },
                 *         {
                 *           "x": 0.9,
                 *           "y": 0.14
                 *         },
                 *         {
                 *           "x": 0.95,
                 *           "y": 0.9
                 *         },
                 *         {
                 *           "x": 0.06,
                 *           "y": 0.86
                 *         }
                 *       ],
                 *       "photoWidth": 2400,
                 *       "photoHeight": 1800
                 *     }
                 */
                "application/json": components["schemas"]["StraightenCalcAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StraightenPlan"];
                };
            };
        };
    };
    CalcScale: {
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
                 *       "known": {
                 *         "from": {
                 *           "x": 0.1,
                 *           "y": 0.1
                 *         },
                 *         "to": {
                 *           "x": 0.9,
                 *           "y": 0.1
                 *         },
                 *         "millimetres": 176
                 *       },
                 *       "pixelsWide": 1200,
                 *       "pixelsHigh": 809
                 *     }
                 */
                "application/json": components["schemas"]["ScaleCalcAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScaleAnswer"];
                };
            };
        };
    };
    CalcOutline: {
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
                 *       "outline": [
                 *         {
                 *           "x": 0.1,
                 *           "y": 0.6
                 *         },
                 *         {
                 *           "x": 0.3,
                 *           "y": 0.6
                 *         },
                 *         {
                 *           "x": 0.3,
                 *           "y": 0.8
                 *         },
                 *         {
                 *           "x": 0.1,
                 *           "y": 0.8
                 *         }
                 *       ],
                 *       "widthMillimetres": 220,
                 *       "heightMillimetres": 148
                 *     }
                 */
                "application/json": components["schemas"]["OutlineAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OutlineAnswer"];
                };
            };
        };
    };
    CalcRegister: {
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
                 *       "pairs": [
                 *         {
                 *           "front": {
                 *             "x": 0.1,
                 *             "y": 0.1
                 *           },
                 *           "back": {
                 *             "x": 0.9,
                 *             "y": 0.1
                 *           }
                 *         },
                 *         {
                 *           "front": {
                 *             "x": 0.9,
                 *             "y": 0.9
                 *           },
                 *           "back": {
                 *             "x": 0.1,
                 *             "y": 0.9
                 *           }
                 *         }
                 *       ],
                 *       "widthMillimetres": 220,
                 *       "heightMillimetres": 148
                 *     }
                 */
                "application/json": components["schemas"]["RegisterCalcAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RegistrationResult"];
                };
            };
        };
    };
    CalcLetDown: {
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
                 *       "microfarads": 220,
                 *       "volts": 320,
                 *       "ohms": 2200,
                 *       "ratedWatts": 5
                 *     }
                 */
                "application/json": components["schemas"]["BleedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BleedDownResult"];
                };
            };
        };
    };
    CalcReactance: {
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
                 *       "microfarads": 0.1,
                 *       "hertz": 100000
                 *     }
                 */
                "application/json": components["schemas"]["ReactanceAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReactanceAnswer"];
                };
            };
        };
    };
    CalcEsrLimit: {
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
                 *       "kind": "aluminiumRadial",
                 *       "microfarads": 100,
                 *       "ratedVolts": 16
                 *     }
                 */
                "application/json": components["schemas"]["EsrLimitAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["EsrLimitResult"];
                };
            };
        };
    };
    CalcJudgeCapacitor: {
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
                 *       "designator": "C14",
                 *       "signs": [],
                 *       "spec": {
                 *         "kind": "aluminiumSurfaceMount",
                 *         "microfarads": 47,
                 *         "ratedVolts": 16
                 *       },
                 *       "readings": {
                 *         "microfarads": 32.4,
                 *         "esrOhms": 8.6,
                 *         "esrFrequencyHertz": 100000,
                 *         "inCircuit": false
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["JudgeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JudgeAnswer"];
                };
            };
        };
    };
    CalcCapacitorRisk: {
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
                 *       "spec": {
                 *         "kind": "aluminiumSurfaceMount",
                 *         "microfarads": 47,
                 *         "ratedVolts": 16
                 *       },
                 *       "madeYear": 1992,
                 *       "role": "decoupling",
                 *       "school": "preventive"
                 *     }
                 */
                "application/json": components["schemas"]["RiskAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RiskAnswer"];
                };
            };
        };
    };
    CalcSubstitute: {
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
                 *       "original": {
                 *         "kind": "aluminiumSurfaceMount",
                 *         "microfarads": 47,
                 *         "ratedVolts": 16,
                 *         "maxCelsius": 85,
                 *         "diameterMillimetres": 6.3,
                 *         "heightMillimetres": 5.4
                 *       },
                 *       "role": "decoupling",
                 *       "candidates": [
                 *         {
                 *           "spec": {
                 *             "kind": "polymer",
                 *             "microfarads": 47,
                 *             "ratedVolts": 16,
                 *             "maxCelsius": 105,
                 *             "diameterMillimetres": 6.3,
                 *             "heightMillimetres": 5.7
                 *           },
                 *           "free": 7
                 *         }
                 *       ],
                 *       "headroomMillimetres": 12
                 *     }
                 */
                "application/json": components["schemas"]["SubstituteAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SubstituteAnswer"][];
                };
            };
        };
    };
    CalcCombine: {
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
                 *       "original": {
                 *         "kind": "aluminiumRadial",
                 *         "microfarads": 1000,
                 *         "ratedVolts": 16
                 *       },
                 *       "role": "bulk",
                 *       "candidates": [
                 *         {
                 *           "spec": {
                 *             "kind": "aluminiumRadial",
                 *             "microfarads": 470,
                 *             "ratedVolts": 25
                 *           },
                 *           "free": 4
                 *         },
                 *         {
                 *           "spec": {
                 *             "kind": "aluminiumRadial",
                 *             "microfarads": 560,
                 *             "ratedVolts": 16
                 *           },
                 *           "free": 1
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["CombinationAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CombinationAnswer"][];
                };
            };
        };
    };
    CalcForecast: {
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
                 *       "parts": [
                 *         {
                 *           "designator": "C1",
                 *           "kind": "aluminiumSurfaceMount",
                 *           "riskScore": 88,
                 *           "comesOutNow": true,
                 *           "weeping": true
                 *         },
                 *         {
                 *           "designator": "C2",
                 *           "kind": "aluminiumSurfaceMount",
                 *           "riskScore": 88,
                 *           "comesOutNow": false
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["ForecastAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Forecast"];
                };
            };
        };
    };
    CalcMeasurementSeries: {
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
                 *       "referenceStart": 47.1,
                 *       "referenceEnd": 47.2,
                 *       "repeats": [
                 *         32.4,
                 *         32.6
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["SeriesAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SeriesCheck"];
                };
            };
        };
    };
    CalcPolarity: {
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
                 *       "designator": "C14",
                 *       "before": "left",
                 *       "printed": "notKnown",
                 *       "seen": "right"
                 *     }
                 */
                "application/json": components["schemas"]["PolarityAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcPad: {
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
                 *       "pads": "lifted",
                 *       "traceWhole": false,
                 *       "trace": {
                 *         "lengthMillimetres": 18,
                 *         "widthMillimetres": 0.5
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["PadAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PadRepairPlan"];
                };
            };
        };
    };
    CalcFittingOrder: {
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
                 *       "parts": [
                 *         {
                 *           "designator": "C14",
                 *           "kind": "aluminiumSurfaceMount",
                 *           "x": 0.2,
                 *           "y": 0.7,
                 *           "weeping": true
                 *         },
                 *         {
                 *           "designator": "C1",
                 *           "kind": "aluminiumRadial",
                 *           "x": 0.1,
                 *           "y": 0.1,
                 *           "wideCopper": true
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["FittingOrderAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FittingOrderAnswer"][];
                };
            };
        };
    };
    CalcDoIt: {
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
                 *       "parts": 28,
                 *       "surfaceMount": 28,
                 *       "weeping": 4,
                 *       "wideCopper": 2,
                 *       "worth": 180,
                 *       "servicePrice": 140,
                 *       "serviceDays": 21,
                 *       "experience": "never",
                 *       "owned": [
                 *         "iron",
                 *         "flux"
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["RecapWork"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DoItResult"];
                };
            };
        };
    };
    CalcOrder: {
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
                 *       "needs": [
                 *         {
                 *           "key": "47u16",
                 *           "spec": {
                 *             "kind": "aluminiumSurfaceMount",
                 *             "microfarads": 47,
                 *             "ratedVolts": 16
                 *           },
                 *           "role": "decoupling",
                 *           "count": 9
                 *         }
                 *       ],
                 *       "offers": [
                 *         {
                 *           "supplier": "a",
                 *           "sku": "A-1",
                 *           "spec": {
                 *             "kind": "aluminiumSurfaceMount",
                 *             "microfarads": 47,
                 *             "ratedVolts": 16,
                 *             "maxCelsius": 105
                 *           },
                 *           "packSize": 1,
                 *           "breaks": [
                 *             {
                 *               "fromPacks": 1,
                 *               "packPrice": 0.32
                 *             },
                 *             {
                 *               "fromPacks": 10,
                 *               "packPrice": 0.19
                 *             }
                 *           ]
                 *         },
                 *         {
                 *           "supplier": "b",
                 *           "sku": "B-7",
                 *           "spec": {
                 *             "kind": "aluminiumSurfaceMount",
                 *             "microfarads": 47,
                 *             "ratedVolts": 25,
                 *             "maxCelsius": 105
                 *           },
                 *           "packSize": 10,
                 *           "breaks": [
                 *             {
                 *               "fromPacks": 1,
                 *               "packPrice": 1.9
                 *             }
                 *           ]
                 *         }
                 *       ],
                 *       "suppliers": [
                 *         {
                 *           "id": "a",
                 *           "name": "A",
                 *           "postage": 4.9,
                 *           "days": 3
                 *         },
                 *         {
                 *           "id": "b",
                 *           "name": "B",
                 *           "postage": 3.5,
                 *           "days": 9
                 *         }
                 *       ],
                 *       "policy": {
                 *         "spareShare": 0.1
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["OrderAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OrderResult"];
                };
            };
        };
    };
    CalcCapacitorLife: {
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
                 *       "ratedHours": 2000,
                 *       "ratedCelsius": 105,
                 *       "workingCelsius": 45
                 *     }
                 */
                "application/json": components["schemas"]["LifeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LifeAnswer"];
                };
            };
        };
    };
    CalcNeutralise: {
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
                 *       "area": {
                 *         "name": "memory corner",
                 *         "source": "nickelCell",
                 *         "stage": "copperEaten",
                 *         "squareCentimetres": 14
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["NeutraliseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NeutralisePlan"];
                };
            };
        };
    };
    CalcBaths: {
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
                 *       "areas": [
                 *         {
                 *           "name": "memory corner",
                 *           "source": "nickelCell",
                 *           "stage": "bloom",
                 *           "squareCentimetres": 14,
                 *           "ph": 11
                 *         },
                 *         {
                 *           "name": "battery door",
                 *           "source": "zincCarbonCell",
                 *           "stage": "bloom",
                 *           "squareCentimetres": 3,
                 *           "ph": 4
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["BathsAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BathsAnswer"];
                };
            };
        };
    };
    CalcRinses: {
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
                 *       "filmMillilitres": 0.3,
                 *       "waterMillilitres": 7,
                 *       "share": 0.001
                 *     }
                 */
                "application/json": components["schemas"]["RinseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RinseAnswer"];
                };
            };
        };
    };
    CalcTrace: {
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
                 *       "net": "A7",
                 *       "trace": {
                 *         "lengthMillimetres": 82,
                 *         "widthMillimetres": 0.3,
                 *         "copperMicrometres": 35,
                 *         "vias": 2
                 *       },
                 *       "readOhms": 0.31,
                 *       "contactErrorOhms": 0
                 *     }
                 */
                "application/json": components["schemas"]["TraceAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TraceResult"];
                };
            };
        };
    };
    CalcDilution: {
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
                 *       "stockPercent": 20,
                 *       "wantedPercent": 5,
                 *       "millilitres": 500,
                 *       "leftMillilitres": 400
                 *     }
                 */
                "application/json": components["schemas"]["DilutionAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DilutionResult"];
                };
            };
        };
    };
    CalcStrength: {
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
                 *       "tray": 4,
                 *       "trayPercent": 3,
                 *       "wantedPercent": 6,
                 *       "stockPercent": 12,
                 *       "bottle": 1,
                 *       "unit": "litres"
                 *     }
                 */
                "application/json": components["schemas"]["StrengthAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MixResult"];
                };
            };
        };
    };
    CalcMix: {
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
                 *       "first": 500,
                 *       "firstPercent": 12,
                 *       "second": 1500,
                 *       "secondPercent": 3
                 *     }
                 */
                "application/json": components["schemas"]["MixAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MixResult"];
                };
            };
        };
    };
    CalcTraceWidth: {
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
                 *       "amps": 2,
                 *       "inside": "no"
                 *     }
                 */
                "application/json": components["schemas"]["TraceWidthAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TraceWidthResult"];
                };
            };
        };
    };
    CalcSegments: {
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
                 *       "segments": [
                 *         {
                 *           "lengthMillimetres": 30,
                 *           "widthMillimetres": 1.2
                 *         },
                 *         {
                 *           "lengthMillimetres": 12,
                 *           "widthMillimetres": 0.3,
                 *           "vias": 1
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["SegmentsAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OhmsResult"];
                };
            };
        };
    };
    CalcParallel: {
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
                 *       "ohms": [
                 *         0.21,
                 *         0.34
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["ParallelAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OhmsResult"];
                };
            };
        };
    };
    CalcJumper: {
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
                 *       "net": "+5 V to U12",
                 *       "trace": {
                 *         "lengthMillimetres": 60,
                 *         "widthMillimetres": 1.2,
                 *         "amps": 0.8
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["JumperAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JumperResult"];
                };
            };
        };
    };
    CalcMask: {
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
                 *       "squareCentimetres": 6,
                 *       "atHand": [
                 *         "nailVarnish"
                 *       ],
                 *       "nearHeat": false
                 *     }
                 */
                "application/json": components["schemas"]["MaskAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MaskOption"][];
                };
            };
        };
    };
    CalcReinspect: {
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
                 *       "looks": [
                 *         {
                 *           "at": "2026-03-01T10:00:00Z",
                 *           "stage": "bloom",
                 *           "squareCentimetres": 11
                 *         },
                 *         {
                 *           "at": "2026-09-01T10:00:00Z",
                 *           "stage": "bloom",
                 *           "squareCentimetres": 11.4
                 *         }
                 *       ],
                 *       "ph": 7,
                 *       "from": "2026-09-01"
                 *     }
                 */
                "application/json": components["schemas"]["ReinspectAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReinspectionResult"];
                };
            };
        };
    };
    CalcGap: {
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
                 *       "name": "processor",
                 *       "part": {
                 *         "watts": 28,
                 *         "squareMillimetres": 169,
                 *         "gapMillimetres": {
                 *           "low": 0.02,
                 *           "likely": 0.04,
                 *           "high": 0.06
                 *         },
                 *         "bareDie": true
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["GapAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GapResult"];
                };
            };
        };
    };
    CalcDrop: {
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
                 *       "watts": 28,
                 *       "millimetres": 0.05,
                 *       "conductivity": 4,
                 *       "squareMillimetres": 169
                 *     }
                 */
                "application/json": components["schemas"]["DropAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DropAnswer"];
                };
            };
        };
    };
    CalcFan: {
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
                 *       "ratedVolts": 12,
                 *       "ratedRpm": 4200,
                 *       "readRpm": 3100,
                 *       "startVolts": 7.9,
                 *       "noise": "rattle",
                 *       "play": false
                 *     }
                 */
                "application/json": components["schemas"]["FanFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcHeat: {
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
                 *       "name": "processor",
                 *       "before": [
                 *         {
                 *           "celsius": 71,
                 *           "roomCelsius": 19
                 *         },
                 *         {
                 *           "celsius": 72,
                 *           "roomCelsius": 19
                 *         },
                 *         {
                 *           "celsius": 70,
                 *           "roomCelsius": 19
                 *         },
                 *         {
                 *           "celsius": 71.5,
                 *           "roomCelsius": 19
                 *         },
                 *         {
                 *           "celsius": 71,
                 *           "roomCelsius": 19
                 *         }
                 *       ],
                 *       "after": [
                 *         {
                 *           "celsius": 60,
                 *           "roomCelsius": 21
                 *         },
                 *         {
                 *           "celsius": 61,
                 *           "roomCelsius": 21
                 *         },
                 *         {
                 *           "celsius": 60.5,
                 *           "roomCelsius": 21
                 *         },
                 *         {
                 *           "celsius": 60,
                 *           "roomCelsius": 21
                 *         },
                 *         {
                 *           "celsius": 61,
                 *           "roomCelsius": 21
                 *         }
                 *       ],
                 *       "sameLoad": true
                 *     }
                 */
                "application/json": components["schemas"]["HeatAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HeatComparison"];
                };
            };
        };
    };
    CalcJoints: {
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
                 *       "name": "J4",
                 *       "kind": "connector",
                 *       "pins": 34,
                 *       "rows": 2,
                 *       "counted": 34,
                 *       "bad": 0,
                 *       "measured": 49
                 *     }
                 */
                "application/json": components["schemas"]["JointsAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JointsAnswer"];
                };
            };
        };
    };
    CalcFlux: {
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
                 *       "name": "J4",
                 *       "flux": "liquid",
                 *       "openContacts": true
                 *     }
                 */
                "application/json": components["schemas"]["FluxAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcLacquer: {
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
                 *       "name": "J4",
                 *       "lacquer": "fresh",
                 *       "hoursSince": 6,
                 *       "cureHours": 24
                 *     }
                 */
                "application/json": components["schemas"]["LacquerAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcLadder: {
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
                 *       "materials": [
                 *         "abs"
                 *       ],
                 *       "features": [
                 *         "printedLegend"
                 *       ],
                 *       "soils": [
                 *         "vapourFilm"
                 *       ],
                 *       "trials": [
                 *         {
                 *           "method": "cloth-damp",
                 *           "removedShare": 0.2
                 *         },
                 *         {
                 *           "method": "cloth-damp",
                 *           "removedShare": 0.05
                 *         }
                 *       ],
                 *       "on": []
                 *     }
                 */
                "application/json": components["schemas"]["CleaningFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LadderResult"];
                };
            };
        };
    };
    CalcMixing: {
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
                 *       "substances": [
                 *         "peroxide",
                 *         "bareMetal"
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["MixingAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MixingResult"];
                };
            };
        };
    };
    CalcBath: {
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
                 *       "tray": {
                 *         "lengthCentimetres": 50,
                 *         "widthCentimetres": 40,
                 *         "heightCentimetres": 15,
                 *         "depthCentimetres": 9,
                 *         "displacedLitres": 1.5
                 *       },
                 *       "of": "peroxide",
                 *       "stockPercent": 12,
                 *       "wantedPercent": 6,
                 *       "leftMillilitres": 10000
                 *     }
                 */
                "application/json": components["schemas"]["BathAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BathResult"];
                };
            };
        };
    };
    CalcCleaningDilution: {
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
                 *       "stockPercent": 12,
                 *       "wantedPercent": 6,
                 *       "millilitres": 4000,
                 *       "leftMillilitres": 5000
                 *     }
                 */
                "application/json": components["schemas"]["DilutionAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DilutionResult"];
                };
            };
        };
    };
    CalcWorth: {
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
                 *       "hoursLeft": {
                 *         "low": 1,
                 *         "likely": 2,
                 *         "high": 4
                 *       },
                 *       "chance": 0.7,
                 *       "replacement": 35,
                 *       "hourWorth": 10,
                 *       "kind": "supply",
                 *       "working": "said",
                 *       "onWhoseWord": "the seller, in spring"
                 *     }
                 */
                "application/json": components["schemas"]["WorthFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorthResult"];
                };
            };
        };
    };
    CalcBatch: {
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
                 *       "items": [
                 *         {
                 *           "name": "upper shell",
                 *           "facts": {
                 *             "materials": [
                 *               "abs"
                 *             ],
                 *             "features": [
                 *               "paint"
                 *             ],
                 *             "soils": [
                 *               "grease"
                 *             ]
                 *           }
                 *         },
                 *         {
                 *           "name": "key caps",
                 *           "facts": {
                 *             "materials": [
                 *               "abs"
                 *             ],
                 *             "features": [
                 *               "paint"
                 *             ],
                 *             "soils": [
                 *               "grease"
                 *             ]
                 *           }
                 *         },
                 *         {
                 *           "name": "badge",
                 *           "facts": {
                 *             "materials": [
                 *               "aluminium"
                 *             ],
                 *             "features": [
                 *               "printedLegend"
                 *             ],
                 *             "soils": [
                 *               "grease"
                 *             ]
                 *           }
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["BatchAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchResult"];
                };
            };
        };
    };
    CalcOdour: {
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
                 *       "ratings": [
                 *         {
                 *           "centimetres": 120,
                 *           "hoursClosed": 12,
                 *           "warm": "yes",
                 *           "freshNose": "yes"
                 *         }
                 *       ],
                 *       "done": [
                 *         "airing"
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["OdourFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OdourResult"];
                };
            };
        };
    };
    CalcDryingTime: {
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
                 *       "part": "board",
                 *       "by": "water",
                 *       "celsius": 40,
                 *       "roomCelsius": 18,
                 *       "roomHumidity": 60,
                 *       "air": "fan"
                 *     }
                 */
                "application/json": components["schemas"]["DryingTimeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DryingTimeResult"];
                };
            };
        };
    };
    CalcDryingTemperature: {
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
                 *       "on": [
                 *         "abs",
                 *         "paperLabel"
                 *       ],
                 *       "asked": 110,
                 *       "unit": "fahrenheit",
                 *       "solvent": "no"
                 *     }
                 */
                "application/json": components["schemas"]["DryingTemperatureAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DryingTemperatureResult"];
                };
            };
        };
    };
    CalcIsDry: {
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
                 *       "leastHours": 5.5,
                 *       "hours": 6,
                 *       "weighings": [
                 *         {
                 *           "hours": 4.5,
                 *           "grams": 411
                 *         },
                 *         {
                 *           "hours": 6,
                 *           "grams": 411
                 *         }
                 *       ],
                 *       "scaleGrams": 1,
                 *       "mains": "no"
                 *     }
                 */
                "application/json": components["schemas"]["IsDryAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcLab: {
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
                 *       "red": 214,
                 *       "green": 196,
                 *       "blue": 150
                 *     }
                 */
                "application/json": components["schemas"]["LabAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LabAnswer"];
                };
            };
        };
    };
    CalcColourDifference: {
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
                 *       "first": {
                 *         "l": 79.4,
                 *         "a": 0.8,
                 *         "b": 24.6
                 *       },
                 *       "second": {
                 *         "l": 84.1,
                 *         "a": -0.6,
                 *         "b": 9.2
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["ColourDifferenceAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ColourDifferenceResult"];
                };
            };
        };
    };
    CalcYellowness: {
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
                 *       "patch": {
                 *         "l": 79.4,
                 *         "a": 0.8,
                 *         "b": 24.6
                 *       },
                 *       "unaged": {
                 *         "l": 86.2,
                 *         "a": -0.9,
                 *         "b": 6.1
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["YellownessAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["YellownessResult"];
                };
            };
        };
    };
    CalcWhitening: {
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
                 *       "points": [
                 *         {
                 *           "hours": 0,
                 *           "b": 24.6
                 *         },
                 *         {
                 *           "hours": 3,
                 *           "b": 17.2
                 *         },
                 *         {
                 *           "hours": 6,
                 *           "b": 12.9
                 *         }
                 *       ],
                 *       "target": 9
                 *     }
                 */
                "application/json": components["schemas"]["WhiteningAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WhiteningResult"];
                };
            };
        };
    };
    CalcMeasureColour: {
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
                 *       "kind": "published",
                 *       "card": [
                 *         {
                 *           "seen": {
                 *             "red": 236,
                 *             "green": 228,
                 *             "blue": 205,
                 *             "clippedShare": 0,
                 *             "unevenness": 0.01
                 *           },
                 *           "published": {
                 *             "l": 95.8,
                 *             "a": -0.3,
                 *             "b": 0.9
                 *           }
                 *         },
                 *         {
                 *           "seen": {
                 *             "red": 124,
                 *             "green": 119,
                 *             "blue": 106,
                 *             "clippedShare": 0,
                 *             "unevenness": 0.01
                 *           },
                 *           "published": {
                 *             "l": 50.2,
                 *             "a": -0.1,
                 *             "b": 0.2
                 *           }
                 *         }
                 *       ],
                 *       "patches": [
                 *         {
                 *           "name": "lid",
                 *           "seen": {
                 *             "red": 203,
                 *             "green": 183,
                 *             "blue": 134,
                 *             "clippedShare": 0,
                 *             "unevenness": 0.01
                 *           }
                 *         },
                 *         {
                 *           "name": "under the foot",
                 *           "seen": {
                 *             "red": 205,
                 *             "green": 196,
                 *             "blue": 171,
                 *             "clippedShare": 0,
                 *             "unevenness": 0.01
                 *           },
                 *           "unaged": true
                 *         }
                 *       ],
                 *       "cleaned": "yes"
                 *     }
                 */
                "application/json": components["schemas"]["MeasureColourAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PhotoColourResult"];
                };
            };
        };
    };
    CalcDose: {
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
                 *       "bleach": {
                 *         "percent": 12,
                 *         "as": "film",
                 *         "light": "sun",
                 *         "cloudShare": 0.3,
                 *         "latitude": 56,
                 *         "celsius": 24
                 *       },
                 *       "from": "2026-06-20T10:00:00",
                 *       "hours": 4
                 *     }
                 */
                "application/json": components["schemas"]["DoseAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DoseResult"];
                };
            };
        };
    };
    CalcColourMatch: {
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
                 *       "parts": [
                 *         {
                 *           "name": "upper shell",
                 *           "colour": {
                 *             "l": 78,
                 *             "a": 1.4,
                 *             "b": 22
                 *           },
                 *           "whitens": "yes",
                 *           "fits": "yes",
                 *           "points": [
                 *             {
                 *               "hours": 0,
                 *               "b": 27
                 *             },
                 *             {
                 *               "hours": 4,
                 *               "b": 22
                 *             }
                 *           ],
                 *           "paint": false
                 *         },
                 *         {
                 *           "name": "lower shell",
                 *           "colour": {
                 *             "l": 82,
                 *             "a": 0.2,
                 *             "b": 12
                 *           },
                 *           "whitens": "yes",
                 *           "fits": "yes",
                 *           "paint": false
                 *         },
                 *         {
                 *           "name": "donor’s lid",
                 *           "colour": {
                 *             "l": 84,
                 *             "a": -0.4,
                 *             "b": 8
                 *           },
                 *           "fits": "no",
                 *           "paint": false
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["MatchAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MatchResult"];
                };
            };
        };
    };
    CalcRust: {
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
                 *       "rustedPercent": 6,
                 *       "coating": "paint",
                 *       "reach": "open",
                 *       "residue": false
                 *     }
                 */
                "application/json": components["schemas"]["RustAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RustResult"];
                };
            };
        };
    };
    CalcPaint: {
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
                 *       "squareCentimetres": 4200,
                 *       "coats": 3,
                 *       "celsius": 19,
                 *       "humidity": 55,
                 *       "surfaceCelsius": 19
                 *     }
                 */
                "application/json": components["schemas"]["PaintAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaintResult"];
                };
            };
        };
    };
    CalcCrack: {
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
                 *       "material": "abs",
                 *       "lengthMillimetres": 35,
                 *       "load": "screw",
                 *       "inSight": "yes",
                 *       "clean": "no"
                 *     }
                 */
                "application/json": components["schemas"]["CrackFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CrackResult"];
                };
            };
        };
    };
    CalcMend: {
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
                 *       "kind": "foam",
                 *       "gapMillimetres": 4,
                 *       "bears": "no"
                 *     }
                 */
                "application/json": components["schemas"]["MendFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MendResult"];
                };
            };
        };
    };
    CalcPolish: {
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
                 *       "material": "acrylic",
                 *       "nailCatches": "no",
                 *       "coated": "no",
                 *       "passes": [
                 *         {
                 *           "grit": 6000,
                 *           "leftShare": 0.5
                 *         },
                 *         {
                 *           "grit": 6000,
                 *           "leftShare": 0.7
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["PolishFacts"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PolishResult"];
                };
            };
        };
    };
    CalcEnough: {
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
                 *       "needs": [
                 *         {
                 *           "supply": "isopropyl alcohol",
                 *           "amount": 40,
                 *           "unit": "millilitres"
                 *         }
                 *       ],
                 *       "shelf": [
                 *         {
                 *           "kind": "isopropyl alcohol",
                 *           "left": 25,
                 *           "unit": "millilitres"
                 *         },
                 *         {
                 *           "kind": "denatured alcohol",
                 *           "left": 500,
                 *           "unit": "millilitres"
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["EnoughAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["EnoughResult"];
                };
            };
        };
    };
    CalcStandIn: {
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
                 *       "wanted": "isopropyl alcohol",
                 *       "atHand": "acetone"
                 *     }
                 */
                "application/json": components["schemas"]["StandInAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcBelt: {
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
                 *       "firstMillimetres": 8,
                 *       "secondMillimetres": 42,
                 *       "centresMillimetres": 61
                 *     }
                 */
                "application/json": components["schemas"]["BeltAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BeltResult"];
                };
            };
        };
    };
    CalcLubricant: {
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
                 *       "where": "metalOnPlastic",
                 *       "with": "lightOil"
                 *     }
                 */
                "application/json": components["schemas"]["LubricantAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LubricantResult"];
                };
            };
        };
    };
    CalcSpeed: {
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
                 *       "measured": 296.4,
                 *       "nominal": 300
                 *     }
                 */
                "application/json": components["schemas"]["SpeedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcFanExchange: {
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
                 *       "old": {
                 *         "frameMillimetres": 80,
                 *         "thicknessMillimetres": 25,
                 *         "volts": 12,
                 *         "amps": 0.14,
                 *         "cubicMetresPerHour": 54,
                 *         "pascals": 24,
                 *         "plug": "2 pins"
                 *       },
                 *       "offered": {
                 *         "frameMillimetres": 80,
                 *         "thicknessMillimetres": 25,
                 *         "volts": 12,
                 *         "amps": 0.08,
                 *         "cubicMetresPerHour": 58,
                 *         "pascals": 26,
                 *         "plug": "3 pins"
                 *       },
                 *       "roomMillimetres": 26
                 *     }
                 */
                "application/json": components["schemas"]["FanExchangeAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FanExchangeResult"];
                };
            };
        };
    };
    CalcTriage: {
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
                 *       "boxes": [
                 *         {
                 *           "id": "1",
                 *           "name": "Tower",
                 *           "parts": [
                 *             {
                 *               "kind": "supply",
                 *               "state": "missing",
                 *               "fits": "AT"
                 *             },
                 *             {
                 *               "kind": "floppy drive",
                 *               "state": "good"
                 *             }
                 *           ],
                 *           "money": {
                 *             "low": 10,
                 *             "likely": 15,
                 *             "high": 30
                 *           },
                 *           "hours": {
                 *             "low": 3,
                 *             "likely": 5,
                 *             "high": 9
                 *           },
                 *           "complete": 120
                 *         },
                 *         {
                 *           "id": "2",
                 *           "name": "Desktop",
                 *           "parts": [
                 *             {
                 *               "kind": "supply",
                 *               "state": "good",
                 *               "fits": "AT"
                 *             },
                 *             {
                 *               "kind": "main board",
                 *               "state": "damaged"
                 *             }
                 *           ],
                 *           "money": {
                 *             "low": 20,
                 *             "likely": 40,
                 *             "high": 90
                 *           },
                 *           "hours": {
                 *             "low": 6,
                 *             "likely": 10,
                 *             "high": 20
                 *           },
                 *           "complete": 80
                 *         }
                 *       ],
                 *       "prices": [
                 *         {
                 *           "kind": "supply",
                 *           "fits": "AT",
                 *           "money": {
                 *             "low": 20,
                 *             "likely": 30,
                 *             "high": 45
                 *           }
                 *         }
                 *       ],
                 *       "budgetMoney": 100,
                 *       "budgetHours": 20,
                 *       "aim": "mostFinished"
                 *     }
                 */
                "application/json": components["schemas"]["TriageAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TriagePlan"];
                };
            };
        };
    };
    CalcAsShipped: {
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
                 *       "configurations": [
                 *         {
                 *           "id": "a",
                 *           "name": "with one drive",
                 *           "items": [
                 *             {
                 *               "slot": "drive",
                 *               "what": "105 MB SCSI drive"
                 *             }
                 *           ]
                 *         },
                 *         {
                 *           "id": "b",
                 *           "name": "with two drives",
                 *           "items": [
                 *             {
                 *               "slot": "drive",
                 *               "what": "210 MB SCSI drive"
                 *             },
                 *             {
                 *               "slot": "second drive",
                 *               "what": "210 MB SCSI drive"
                 *             }
                 *           ]
                 *         }
                 *       ],
                 *       "found": [
                 *         {
                 *           "slot": "drive",
                 *           "what": "210 MB SCSI drive",
                 *           "dateCode": "9417",
                 *           "absent": false,
                 *           "saidFate": "notKnown"
                 *         }
                 *       ],
                 *       "yearFrom": 1991,
                 *       "yearTo": 1991
                 *     }
                 */
                "application/json": components["schemas"]["AsShippedAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AsShippedResult"];
                };
            };
        };
    };
    CalcLoadResistor: {
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
                 *       "volts": 5,
                 *       "amps": 1
                 *     }
                 */
                "application/json": components["schemas"]["LoadResistorAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LoadResistorResult"];
                };
            };
        };
    };
    CalcRails: {
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
                 *       "rails": [
                 *         {
                 *           "name": "+5 V",
                 *           "nominalVolts": 5,
                 *           "volts": 5.07,
                 *           "rippleMillivolts": 38
                 *         },
                 *         {
                 *           "name": "+12 V",
                 *           "nominalVolts": 12,
                 *           "volts": 11.21,
                 *           "rippleMillivolts": 360
                 *         }
                 *       ],
                 *       "loaded": true
                 *     }
                 */
                "application/json": components["schemas"]["RailsAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RailsResult"];
                };
            };
        };
    };
    CalcChecklist: {
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
                 *       "class": "level386",
                 *       "traits": [
                 *         "internalMainsSupply",
                 *         "barrelCell",
                 *         "scsiDrives"
                 *       ],
                 *       "yearFrom": 1991,
                 *       "yearTo": 1991,
                 *       "found": [
                 *         "rodents"
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["ChecklistCalcAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChecklistResult"];
                };
            };
        };
    };
    CalcFirstPower: {
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
                 *       "class": "level686",
                 *       "traits": [
                 *         "internalMainsSupply",
                 *         "ataDrives",
                 *         "lowEsrElectrolytics"
                 *       ],
                 *       "yearTo": 2002,
                 *       "taken": [
                 *         {
                 *           "kind": "shorts",
                 *           "state": "passed"
                 *         },
                 *         {
                 *           "kind": "supplyLook",
                 *           "state": "passed"
                 *         },
                 *         {
                 *           "kind": "supplyLoaded",
                 *           "state": "passed"
                 *         }
                 *       ],
                 *       "supply": {
                 *         "rails": [
                 *           {
                 *             "name": "+5 V",
                 *             "nominalVolts": 5,
                 *             "volts": 5.06,
                 *             "rippleMillivolts": 22
                 *           },
                 *           {
                 *             "name": "+12 V",
                 *             "nominalVolts": 12,
                 *             "volts": 12.1,
                 *             "rippleMillivolts": 60
                 *           }
                 *         ],
                 *         "load": "",
                 *         "minutes": 5
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["FirstPowerAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FirstPowerAnswer"];
                };
            };
        };
    };
    CalcTestInPieces: {
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
                 *       "class": "level386",
                 *       "traits": [
                 *         "internalMainsSupply"
                 *       ],
                 *       "test": {
                 *         "on": "insulator",
                 *         "looseMetal": "no",
                 *         "missing": [
                 *           "fan"
                 *         ],
                 *         "minutes": 5
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["TestInPiecesCalc"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Verdict"];
                };
            };
        };
    };
    CalcShorts: {
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
                 *       "rails": [
                 *         {
                 *           "name": "+5 V",
                 *           "nominalVolts": 5,
                 *           "ohmsToGround": 41
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["ShortsAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RailsResult"];
                };
            };
        };
    };
    CalcRebuildOrder: {
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
                 *       "pieces": [
                 *         {
                 *           "id": "lid",
                 *           "number": 1,
                 *           "title": "Lid",
                 *           "behind": [],
                 *           "lies": "asUsed",
                 *           "trays": [
                 *             "A1"
                 *           ]
                 *         },
                 *         {
                 *           "id": "cage",
                 *           "number": 2,
                 *           "title": "Drive cage",
                 *           "behind": [
                 *             "lid"
                 *           ],
                 *           "lies": "asUsed",
                 *           "trays": [
                 *             "A2"
                 *           ]
                 *         },
                 *         {
                 *           "id": "supply",
                 *           "number": 3,
                 *           "title": "Supply",
                 *           "behind": [
                 *             "lid"
                 *           ],
                 *           "lies": "onLeftSide",
                 *           "trays": [
                 *             "A3"
                 *           ],
                 *           "testBeforeCovered": "Rails on a load"
                 *         },
                 *         {
                 *           "id": "board",
                 *           "number": 4,
                 *           "title": "Main board",
                 *           "behind": [
                 *             "cage",
                 *             "supply"
                 *           ],
                 *           "lies": "onLeftSide",
                 *           "trays": [
                 *             "A4"
                 *           ]
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["RebuildOrderAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RebuildPlan"];
                };
            };
        };
    };
    CalcReconcile: {
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
                 *       "fasteners": [
                 *         {
                 *           "id": "a",
                 *           "stepNumber": 14,
                 *           "stepTitle": "Drive cage",
                 *           "thread": "M3",
                 *           "lengthMillimetres": 6,
                 *           "head": "pan",
                 *           "count": 4,
                 *           "missingBefore": 0,
                 *           "hole": "1 to 4",
                 *           "tray": "C2",
                 *           "pierces": "the drive's board",
                 *           "returns": [
                 *             {
                 *               "count": 3,
                 *               "thread": "M3",
                 *               "lengthMillimetres": 6,
                 *               "head": "pan",
                 *               "fromStore": false
                 *             },
                 *             {
                 *               "count": 1,
                 *               "thread": "M3",
                 *               "lengthMillimetres": 10,
                 *               "head": "pan",
                 *               "fromStore": false
                 *             }
                 *           ],
                 *           "stepBack": true
                 *         }
                 *       ],
                 *       "spares": [
                 *         {
                 *           "id": "s",
                 *           "thread": "M3",
                 *           "lengthMillimetres": 6,
                 *           "head": "pan",
                 *           "quantity": 12,
                 *           "place": "F1"
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["ReconcileAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReconcileResult"];
                };
            };
        };
    };
    CalcGoOn: {
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
                 *       "spent": 42.5,
                 *       "expectation": {
                 *         "toFinish": {
                 *           "low": 20,
                 *           "likely": 45,
                 *           "high": 110
                 *         },
                 *         "complete": {
                 *           "low": 90,
                 *           "likely": 120,
                 *           "high": 160
                 *         }
                 *       },
                 *       "next": 12,
                 *       "currency": "EUR"
                 *     }
                 */
                "application/json": components["schemas"]["GoOnAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GoOnResult"];
                };
            };
        };
    };
    CalcSignificance: {
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
                 *       "what": "Start to desktop",
                 *       "unit": "s",
                 *       "before": [
                 *         41.2,
                 *         40.8,
                 *         41.9,
                 *         41,
                 *         41.4
                 *       ],
                 *       "after": [
                 *         33,
                 *         32.6,
                 *         33.4,
                 *         32.9,
                 *         33.1
                 *       ],
                 *       "resolution": 0.1
                 *     }
                 */
                "application/json": components["schemas"]["SignificanceAsk"];
            };
        };
        responses: {
            /** @description OK */
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
    CalcSchedule: {
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
                 *       "tasks": [
                 *         {
                 *           "id": "wash",
                 *           "title": "Wash the shell",
                 *           "minutes": 20,
                 *           "waitMinutes": 360,
                 *           "places": [
                 *             "bath"
                 *           ]
                 *         },
                 *         {
                 *           "id": "recap",
                 *           "title": "Recap the board",
                 *           "minutes": 90,
                 *           "skills": [
                 *             "solders"
                 *           ],
                 *           "places": [
                 *             "iron"
                 *           ]
                 *         },
                 *         {
                 *           "id": "close",
                 *           "title": "Put it together",
                 *           "minutes": 30,
                 *           "after": [
                 *             "wash",
                 *             "recap"
                 *           ]
                 *         }
                 *       ],
                 *       "people": [
                 *         {
                 *           "name": "Ines",
                 *           "skills": [
                 *             "solders"
                 *           ],
                 *           "windows": [
                 *             {
                 *               "from": 0,
                 *               "to": 120
                 *             },
                 *             {
                 *               "from": 1440,
                 *               "to": 1560
                 *             }
                 *           ]
                 *         },
                 *         {
                 *           "name": "Tam",
                 *           "windows": [
                 *             {
                 *               "from": 0,
                 *               "to": 90
                 *             },
                 *             {
                 *               "from": 1440,
                 *               "to": 1560
                 *             }
                 *           ]
                 *         }
                 *       ],
                 *       "seconds": 1
                 *     }
                 */
                "application/json": components["schemas"]["ScheduleAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScheduleResult"];
                };
            };
        };
    };
    CalcPlanNext: {
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
                 *       "plan": {
                 *         "tasks": [
                 *           {
                 *             "id": "wash",
                 *             "title": "Wash the shell",
                 *             "minutes": 20,
                 *             "waitMinutes": 360
                 *           },
                 *           {
                 *             "id": "recap",
                 *             "title": "Recap the board",
                 *             "minutes": 90,
                 *             "skills": [
                 *               "solders"
                 *             ],
                 *             "places": [
                 *               "iron"
                 *             ]
                 *           },
                 *           {
                 *             "id": "close",
                 *             "title": "Put it together",
                 *             "minutes": 30,
                 *             "after": [
                 *               "wash",
                 *               "recap"
                 *             ]
                 *           }
                 *         ],
                 *         "people": [
                 *           {
                 *             "name": "Ines",
                 *             "skills": [
                 *               "solders"
                 *             ],
                 *             "windows": [
                 *               {
                 *                 "from": 0,
                 *                 "to": 120
                 *               },
                 *               {
                 *                 "from": 1440,
                 *                 "to": 1560
                 *               }
                 *             ]
                 *           },
                 *           {
                 *             "name": "Tam",
                 *             "windows": [
                 *               {
                 *                 "from": 0,
                 *                 "to": 90
                 *               },
                 *               {
                 *                 "from": 1440,
                 *                 "to": 1560
                 *               }
                 *             ]
                 *           }
                 *         ]
                 *       },
                 *       "person": "Ines",
                 *       "without": [
                 *         "iron"
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["PlanNextAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanNextResult"];
                };
            };
        };
    };
    CalcRescue: {
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
                 *       "plan": {
                 *         "tasks": [
                 *           {
                 *             "id": "wash",
                 *             "title": "Wash the shell",
                 *             "minutes": 20,
                 *             "waitMinutes": 360
                 *           },
                 *           {
                 *             "id": "recap",
                 *             "title": "Recap the board",
                 *             "minutes": 90,
                 *             "skills": [
                 *               "solders"
                 *             ],
                 *             "places": [
                 *               "iron"
                 *             ]
                 *           },
                 *           {
                 *             "id": "close",
                 *             "title": "Put it together",
                 *             "minutes": 30,
                 *             "after": [
                 *               "wash",
                 *               "recap"
                 *             ]
                 *           }
                 *         ],
                 *         "people": [
                 *           {
                 *             "name": "Ines",
                 *             "skills": [
                 *               "solders"
                 *             ],
                 *             "windows": [
                 *               {
                 *                 "from": 0,
                 *                 "to": 120
                 *               },
                 *               {
                 *                 "from": 1440,
                 *                 "to": 1560
                 *               }
                 *             ]
                 *           },
                 *           {
                 *             "name": "Tam",
                 *             "windows": [
                 *               {
                 *                 "from": 0,
                 *                 "to": 90
                 *               },
                 *               {
                 *                 "from": 1440,
                 *                 "to": 1560
                 *               }
                 *             ]
                 *           }
                 *         ]
                 *       },
                 *       "readyBy": 1500,
                 *       "rescues": [
                 *         {
                 *           "name": "Another evening of Tam",
                 *           "cost": 1,
                 *           "person": "Tam",
                 *           "hours": [
                 *             {
                 *               "from": 300,
                 *               "to": 420
                 *             }
                 *           ]
                 *         }
                 *       ],
                 *       "runs": 1000,
                 *       "seed": 1
                 *     }
                 */
                "application/json": components["schemas"]["RescueAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanChanceResult"];
                };
            };
        };
    };
    CalcClash: {
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
                 *       "plan": {
                 *         "tasks": [
                 *           {
                 *             "id": "micro",
                 *             "title": "The micro",
                 *             "minutes": 100
                 *           },
                 *           {
                 *             "id": "server",
                 *             "title": "The server",
                 *             "minutes": 90
                 *           },
                 *           {
                 *             "id": "palmtop",
                 *             "title": "The palmtop",
                 *             "minutes": 10
                 *           }
                 *         ],
                 *         "people": [
                 *           {
                 *             "name": "Ines",
                 *             "windows": [
                 *               {
                 *                 "from": 0,
                 *                 "to": 120
                 *               },
                 *               {
                 *                 "from": 1440,
                 *                 "to": 1560
                 *               }
                 *             ]
                 *           }
                 *         ]
                 *       },
                 *       "wishes": [
                 *         {
                 *           "name": "Micro",
                 *           "tasks": [
                 *             "micro"
                 *           ],
                 *           "readyBy": 600
                 *         },
                 *         {
                 *           "name": "Server",
                 *           "tasks": [
                 *             "server"
                 *           ],
                 *           "readyBy": 600
                 *         },
                 *         {
                 *           "name": "Palmtop",
                 *           "tasks": [
                 *             "palmtop"
                 *           ],
                 *           "readyBy": 600
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["ClashAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClashResult"];
                };
            };
        };
    };
    CalcOpening: {
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
                 *       "pieces": [
                 *         {
                 *           "id": "cover",
                 *           "title": "Cover",
                 *           "behind": []
                 *         },
                 *         {
                 *           "id": "cage",
                 *           "title": "Drive cage",
                 *           "behind": [
                 *             "cover"
                 *           ],
                 *           "offMinutes": 6,
                 *           "backMinutes": 8
                 *         },
                 *         {
                 *           "id": "board",
                 *           "title": "Main board",
                 *           "behind": [
                 *             "cage"
                 *           ],
                 *           "offMinutes": 15,
                 *           "backMinutes": 20
                 *         }
                 *       ],
                 *       "work": [
                 *         {
                 *           "id": "cell",
                 *           "title": "Take the cell out",
                 *           "at": [
                 *             "cage"
                 *           ],
                 *           "minutes": 10,
                 *           "wanted": true
                 *         },
                 *         {
                 *           "id": "fan",
                 *           "title": "Oil the fan",
                 *           "at": [
                 *             "cover"
                 *           ],
                 *           "minutes": 10
                 *         },
                 *         {
                 *           "id": "caps",
                 *           "title": "Recap the board",
                 *           "at": [
                 *             "board"
                 *           ],
                 *           "minutes": 90
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["OpeningAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpeningResult"];
                };
            };
        };
    };
    CalcDepth: {
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
                 *       "pieces": [
                 *         {
                 *           "id": "cover",
                 *           "title": "Cover",
                 *           "kind": "cover"
                 *         },
                 *         {
                 *           "id": "cage",
                 *           "title": "Drive cage",
                 *           "kind": "cage",
                 *           "behind": [
                 *             "cover"
                 *           ]
                 *         },
                 *         {
                 *           "id": "board",
                 *           "title": "Main board",
                 *           "kind": "board",
                 *           "behind": [
                 *             "cage"
                 *           ]
                 *         }
                 *       ],
                 *       "work": [
                 *         {
                 *           "id": "cell",
                 *           "title": "Take the cell out",
                 *           "piece": "board",
                 *           "minutes": 10,
                 *           "danger": true,
                 *           "out": false
                 *         },
                 *         {
                 *           "id": "fan",
                 *           "title": "Oil the fan",
                 *           "piece": "cover",
                 *           "out": true,
                 *           "danger": false
                 *         },
                 *         {
                 *           "id": "under",
                 *           "title": "Clean under the board",
                 *           "piece": "board",
                 *           "out": true,
                 *           "minutes": 5,
                 *           "danger": false
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["OpeningDepthAsk"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpeningDepthResult"];
                };
            };
        };
    };
}
