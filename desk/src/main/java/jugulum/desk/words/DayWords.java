package jugulum.desk.words;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.day.Day;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayFinding;
import jugulum.core.day.DayWork;
import jugulum.core.day.Job;
import jugulum.core.day.Job.Work;
import jugulum.core.day.OwnTask;
import jugulum.core.ledger.Machine;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayProblem;

/** Says what a day's tasks are, how they are planned, and what is tight. */
public final class DayWords {
  private DayWords() {}

  /** A minute of the day as a clock shows it; one after midnight is told to be so. */
  public static String clock(Words words, int minute) {
    String time =
        words
            .dates("date.clock")
            .format(LocalTime.ofSecondOfDay(Math.floorMod(minute, DayProblem.DAY) * 60L));
    return minute < DayProblem.DAY ? time : words.of("day.tomorrow", time);
  }

  /** A date with its weekday. */
  public static String date(Words words, LocalDate date) {
    return words.dates("date.weekday").format(date);
  }

  /** What was told of a day. */
  public static String edit(Words words, DayEdit edit) {
    return switch (edit) {
      case DayEdit.Begin _, DayEdit.Whole _ -> words.of("day.edit.begin");
      case DayEdit.SetUp _ -> words.of("day.edit.set-up");
      case DayEdit.Add(OwnTask task) -> words.of("day.edit.add", task.what());
      case DayEdit.Drop _ -> words.of("day.edit.drop");
      case DayEdit.Say _ -> words.of("day.edit.say");
      case DayEdit.Before _ -> words.of("day.edit.before");
      case DayEdit.OutOfUse(var out) -> words.of("day.edit.out", machine(words, out.machine()));
      case DayEdit.BackInUse(String machine) -> words.of("day.edit.back", machine(words, machine));
      case DayEdit.MarkTask _ -> words.of("day.edit.mark");
      case DayEdit.Plan _ -> words.of("day.edit.plan");
    };
  }

  /** A machine by the name the plan has for it: its own, or its kind's where it has none. */
  public static String machine(Words words, String name) {
    for (Machine.Kind kind : Machine.Kind.values()) {
      if (kind.name().equals(name)) {
        return words.of("machine", kind);
      }
    }
    return name;
  }

  /** What a job does, "magnet −50 +80". */
  public static String brief(Words words, Job job) {
    String does = does(words, job.work());
    return job.cut().isAll() ? does : words.of("day.job", does, Sentences.cut(words, job.cut()));
  }

  /** What is done, without the sand. */
  public static String does(Words words, Work work) {
    return switch (work) {
      case Work.Dry _ -> words.of("day.does.dry");
      case Work.Screen _ -> words.of("day.does.screen");
      case Work.Magnet _ -> words.of("day.does.magnet");
      case Work.Run run -> words.of("machine.short", run.gear().kind());
      case Work.Finish _ -> words.of("day.does.finish");
      case Work.Smelt(var stage, int _) -> words.of("day.does.smelt", stage);
    };
  }

  /** What a task is, with its batch. */
  public static String whole(Words words, Day day, DayWork.Asked asked, String task) {
    Job job = asked.jobs().get(task);
    return job == null
        ? day.own(task).map(OwnTask::what).orElse("")
        : words.of("day.job.of", brief(words, job), job.name());
  }

  /** What a task is, without its batch. */
  public static String brief(Words words, Day day, DayWork.Asked asked, String task) {
    Job job = asked.jobs().get(task);
    return job == null ? day.own(task).map(OwnTask::what).orElse("") : brief(words, job);
  }

  /** How good a plan is, and when the day is likely to end. */
  public static String proof(Words words, DayPlan plan, Band likely) {
    String when =
        words.of("day.likely", clock(words, (int) likely.low()), clock(words, (int) likely.high()));
    String proof =
        switch (plan.proof()) {
          case DayPlan.Proof.Best _ ->
              words.of(plan.left().isEmpty() ? "day.proof.best" : "day.proof.most");
          case DayPlan.Proof.Within(double share) ->
              words.of("day.proof.within", words.percent(share));
          case DayPlan.Proof.Kept(double share) -> words.of("day.proof.kept", words.percent(share));
        };
    return words.of("day.proof", proof, when);
  }

  /** What is tight, and what would help. */
  public static String finding(Words words, Day day, DayWork.Asked asked, DayFinding finding) {
    return switch (finding) {
      case DayFinding.NoLight _ -> words.of("day.tight.no-light");
      case DayFinding.Frost _ -> words.of("day.tight.frost");
      case DayFinding.Wet(double humidity) -> words.of("day.tight.wet", words.percent(humidity));
      case DayFinding.NoMachine(int tasks) -> words.counted("day.tight.no-machine", tasks);
      case DayFinding.Out(String machine, int tasks) ->
          words.counted("day.tight.out", tasks, machine(words, machine));
      case DayFinding.Battery(double needed, double there) ->
          words.of(
              "day.tight.battery",
              words.fixed(needed, 0),
              words.fixed(there, 0),
              words.fixed(needed - there, 0));
      case DayFinding.Tank(double needed, double there) ->
          words.of(
              "day.tight.tank",
              words.fixed(needed, 0),
              words.fixed(there, 0),
              words.fixed(needed - there, 0));
      case DayFinding.Ring(List<String> tasks) ->
          words.of(
              "day.tight.ring",
              words.row(tasks.stream().map(task -> whole(words, day, asked, task)).toList()));
      case DayFinding.Late(String task, int minutes) ->
          words.of("day.tight.late", whole(words, day, asked, task), words.time(minutes));
      case DayFinding.AfterDark(int until, int dark) ->
          words.of("day.tight.after-dark", clock(words, until), clock(words, dark));
      case DayFinding.TrayTooSmall(String task) ->
          words.of("day.tight.tray", whole(words, day, asked, task));
      case DayFinding.WaterStands(String task, int minutes) ->
          words.of("day.tight.stands", words.time(minutes), whole(words, day, asked, task));
    };
  }
}
