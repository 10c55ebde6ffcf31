import { Navigate, type RouteObject } from 'react-router';
import { ChoosePage } from '../choose/ChoosePage';
import { GatherPage } from '../gather/GatherPage';
import { LayOutPage } from '../lay-out/LayOutPage';
import { PhotosPage } from '../photos/PhotosPage';
import { PiecesPage } from '../pieces/PiecesPage';
import { ShelfPage } from '../shelf/ShelfPage';
import { StandingPage } from '../standing/StandingPage';
import { SumsPage } from '../sums/SumsPage';
import { SurveyPage } from '../survey/SurveyPage';
import { Frame, PieceFrame } from './Frame';
import { NotHere } from './NotHere';

/** Every face, lay and pot has an address of its own. */
export const routes: RouteObject[] = [
  {
    element: <Frame />,
    children: [
      { path: '/', element: <PiecesPage /> },
      { path: '/sums', element: <SumsPage /> },
      { path: '/shelf/:potId?', element: <ShelfPage /> },
      { path: '*', element: <NotHere /> },
    ],
  },
  {
    path: '/pieces/:pieceId',
    element: <PieceFrame />,
    children: [
      { index: true, element: <Navigate to="survey" replace /> },
      { path: 'survey/:faceId?', element: <SurveyPage /> },
      { path: 'standing', element: <StandingPage /> },
      { path: 'photos', element: <PhotosPage /> },
      { path: 'choose/:faceId?', element: <ChoosePage /> },
      { path: 'lay-out/:faceId?/:layId?', element: <LayOutPage /> },
      { path: 'gather', element: <GatherPage /> },
      { path: '*', element: <NotHere /> },
    ],
  },
];
