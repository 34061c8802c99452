import { Button } from 'antd';
import { Link, useSearchParams } from 'react-router';
import { useMayChange } from '../../api/session';
import { useAnswer, useQuestions, type BoxQuestion } from '../../api/story';
import { BarRows } from '../../design/chart/BarRows';
import { ChartCard } from '../../design/chart/ChartCard';
import { LogNav } from '../../design/frame/LogNav';
import { Empty, Failed, Loading } from '../../design/page/StateNote';
import { useFloor } from '../../design/page/useMedia';
import { Workbench } from '../../design/page/Workbench';
import styles from './story.module.css';

/** The question box: a dozen questions of the whole log, each answered in a sentence. */
export function QuestionsPage() {
  const [query, setQuery] = useSearchParams();
  const mayChange = useMayChange();
  const floor = useFloor();
  const questions = useQuestions(mayChange);
  const chosen = questions.data?.find(({ question }) => question === query.get('question'))?.question ?? null;
  const answer = useAnswer(chosen);
  const ask = (question: BoxQuestion) => setQuery({ question }, { replace: true });
  if (!mayChange) {
    return (
      <Workbench title="A coach asks" nav={<LogNav />}>
        <Empty>What was noted of people’s health is in the answers: ask a coach of the gym.</Empty>
      </Workbench>
    );
  }
  return (
    <Workbench
      title={(chosen === null ? undefined : answer.data?.answer.sentence) ?? 'What would you like to know?'}
      nav={<LogNav />}
      subject={
        floor && chosen !== null ? (
          // By thumb the answer is where one looks, not below a dozen questions.
          <Button size="large" block onClick={() => setQuery({}, { replace: true })}>
            Another question
          </Button>
        ) : (
          <nav aria-label="Questions">
            {questions.isPending && <Loading what="the questions" />}
            {questions.isError && <Failed error={questions.error} onRetry={() => void questions.refetch()} />}
            <ul className={styles.questions}>
              {questions.data?.map(({ question, asked }) => (
                <li key={question}>
                  <button
                    type="button"
                    className={styles.ask}
                    aria-pressed={question === chosen}
                    onClick={() => ask(question)}
                  >
                    {asked}
                  </button>
                </li>
              ))}
            </ul>
          </nav>
        )
      }
    >
      {chosen === null && <Empty>Choose a question: it is answered from the whole log, as of now.</Empty>}
      {answer.isError && <Failed error={answer.error} onRetry={() => void answer.refetch()} />}
      {chosen !== null && answer.isPending && <Loading what="the answer" />}
      {answer.data !== undefined && chosen !== null && (
        <ChartCard
          title={answer.data.asked}
          said={answer.data.answer.sentence}
          table={{
            head: ['who or what', 'why'],
            rows: answer.data.rows.map(({ name, said }) => [name, said]),
          }}
          file={`question-${answer.data.question}`}
        >
          {answer.data.rows.length === 0
            ? null
            : (width) => (
                <>
                  <BarRows rows={answer.data.rows} width={width} label={answer.data.answer.sentence} />
                  <ul className={styles.rows}>
                    {answer.data.rows.map(({ id, name, said }) => (
                      <li key={name}>
                        {id === null ? (
                          <strong>{name}</strong>
                        ) : (
                          <Link className="touch" to={`/athletes/${id}/story`}>
                            {name}
                          </Link>
                        )}{' '}
                        {said}
                      </li>
                    ))}
                  </ul>
                </>
              )}
        </ChartCard>
      )}
    </Workbench>
  );
}
