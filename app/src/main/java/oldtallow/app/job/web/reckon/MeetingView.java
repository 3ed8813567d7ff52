package oldtallow.app.job.web.reckon;

import oldtallow.core.grease.Compatibility;

/** Old grease and new in one hub. */
record MeetingView(
        Compatibility.Verdict verdict,
        String words,
        Compatibility.Action action,
        String actionWords,
        String confidence) {

    static MeetingView of(Compatibility meets) {
        return new MeetingView(
                meets.verdict(),
                meets.verdict().words(),
                meets.action(),
                meets.action().words(),
                meets.confidence());
    }
}
