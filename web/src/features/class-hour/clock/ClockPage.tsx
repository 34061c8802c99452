import { useClassClock } from '../../../api/classClock';
import { useTonight } from '../../../api/classHour';
import { Dressed } from '../../../design/page/Dressed';
import { Fetched } from '../../../design/page/Fetched';
import { ClockBoard } from './ClockBoard';
import { ClockSetUp } from './ClockSetUp';

/** The one clock of the class: set up, or as it runs. */
export function ClockPage() {
  const running = useClassClock();
  const tonight = useTonight();
  return (
    <Fetched fetch={running} place="Clock" what="the clock of the class">
      {({ clock }) =>
        clock === null ? (
          <Fetched fetch={tonight} place="Clock" what="the class">
            {({ athletes, stations }) => (
              <Dressed>
                <ClockSetUp athletes={athletes} stations={stations} />
              </Dressed>
            )}
          </Fetched>
        ) : (
          <Dressed>
            <ClockBoard clock={clock} />
          </Dressed>
        )
      }
    </Fetched>
  );
}
